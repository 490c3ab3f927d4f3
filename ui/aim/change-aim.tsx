'use client';
import dynamic from 'next/dynamic';
import type { CleanForm } from '@/present/forms/schemas';
import { UnfoldLater } from '../parts/unfold-later';
import type { CommandAction } from '../state/command';

type AimProps = { readonly clean: CleanForm; readonly action: CommandAction };

/** The form of the aim, fetched apart: most visits to the page only look. */
export const AimFormLater = dynamic(() => import('./aim-form').then((module) => module.AimForm));

export function ChangeAim(props: AimProps) {
  return <UnfoldLater title="Change the aim">{() => <AimFormLater {...props} />}</UnfoldLater>;
}
