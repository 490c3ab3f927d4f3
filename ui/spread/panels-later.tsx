'use client';
import dynamic from 'next/dynamic';

/** What opens beside the lanes is fetched when somebody opens it. */
export const MovePanel = dynamic(() => import('./move-panel').then((module) => module.MovePanel));
export const SessionPanel = dynamic(() => import('./session-panel').then((module) => module.SessionPanel));
