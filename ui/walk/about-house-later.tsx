'use client';
import dynamic from 'next/dynamic';
import type { Units } from '@/core/formats/choices';
import type { HomeFacts } from '@/core/home/facts';
import type { WayRound } from '@/core/home/room';
import type { ChangeActions } from '../parts/change-actions';
import { UnfoldLater } from '../parts/unfold-later';

const AboutHouse = dynamic(() => import('./about-house').then((module) => module.AboutHouse));

export type AboutHouseProps = {
  readonly facts: HomeFacts;
  readonly way: WayRound;
  readonly units: Units;
  readonly actions: ChangeActions;
};

export function AboutHouseLater(props: AboutHouseProps) {
  return (
    <UnfoldLater title="About the house: water, animals, age, way round, units">
      {() => <AboutHouse {...props} />}
    </UnfoldLater>
  );
}
