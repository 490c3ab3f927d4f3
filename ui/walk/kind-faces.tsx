'use client';
import { createContext, type ReactNode, useCallback, useContext } from 'react';
import type { KindFace, KindFaces } from '@/present/walk/kind-faces';

const Faces = createContext<KindFaces>({});

/** Of kinds that came onto the strip after the page was made; the next page has them. */
const met = new Map<string, KindFace>();

export function meetKind(kind: string, face: KindFace): void {
  met.set(kind, face);
}

export function KindFacesProvider({ faces, children }: { faces: KindFaces; children: ReactNode }) {
  return <Faces.Provider value={faces}>{children}</Faces.Provider>;
}

/** The name and the mark of a kind of thing. */
export function useFaces(): (kind: string) => KindFace {
  const faces = useContext(Faces);
  return useCallback((kind) => faces[kind] ?? met.get(kind) ?? { name: kind }, [faces]);
}
