'use client';
import dynamic from 'next/dynamic';
import { UnfoldLater } from '../parts/unfold-later';
import type { AboutHouseProps } from './about-house';

const AboutHouse = dynamic(() => import('./about-house').then((module) => module.AboutHouse));

export function AboutHouseLater(props: AboutHouseProps) {
  return (
    <UnfoldLater title="About the house: water, animals, age, the weekly round, way round, units">
      {() => <AboutHouse {...props} />}
    </UnfoldLater>
  );
}
