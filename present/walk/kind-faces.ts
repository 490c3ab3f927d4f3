import { FIXTURE_KINDS, type FixtureKindName, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { oftenMissing } from '@/core/furnish/templates';
import { fixturesOf, type Room } from '@/core/home/room';
import { fixtureName } from './fixture-name';
import { type MarkName, markOf } from './marks';
import { usualWidthM } from './usual-width';

/** What a strip has to know of a kind of thing: far less than the catalogue, which stays on the server. */
export type KindFace = {
  readonly name: string;
  readonly mark?: MarkName;
  /** Part of the room itself, of which there is one. */
  readonly shell?: true;
  /** Metres of the wall that one usually takes up. */
  readonly widthM?: number;
};

export type KindFaces = Readonly<Record<string, KindFace>>;

export function faceOfKind(kind: string): KindFace {
  const mark = markOf(kind);
  const widthM = usualWidthM(kind);
  return {
    name: fixtureName({ kind }),
    ...(mark && { mark }),
    ...(isFixtureKind(kind) && FIXTURE_KINDS[kind].shell && { shell: true as const }),
    ...(widthM !== undefined && { widthM }),
  };
}

/** The faces of everything in a room. */
export function facesIn(room: Room): KindFaces {
  const kinds = new Set(fixturesOf(room).map(({ kind }) => kind));
  return Object.fromEntries([...kinds].map((kind) => [kind, faceOfKind(kind)]));
}

export type OftenKind = { readonly kind: FixtureKindName; readonly name: string };

/** What is often in such a room and not in this one yet, by name. */
export function oftenIn(room: Room): OftenKind[] {
  return oftenMissing(room).map((kind) => ({ kind, name: FIXTURE_KINDS[kind].name }));
}
