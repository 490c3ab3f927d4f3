'use client';
import dynamic from 'next/dynamic';
import { UnfoldLater } from '../parts/unfold-later';
import type { MethodNumbersProps } from './method-numbers';

const MethodNumbers = dynamic(() => import('./method-numbers').then((module) => module.MethodNumbers));

export function MethodNumbersLater(props: MethodNumbersProps) {
  return <UnfoldLater title="Your own numbers">{() => <MethodNumbers {...props} />}</UnfoldLater>;
}
