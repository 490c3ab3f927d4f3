'use client';
import dynamic from 'next/dynamic';

const load = () => import('./name-found').then((module) => module.NameFound);

/** What asks for it comes with the first thing that is named, and is fetched ahead in a quiet moment. */
export const NameFoundLater = dynamic(load);

export const fetchNameFound = () => void load().catch(() => undefined);
