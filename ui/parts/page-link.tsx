'use client';
import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/** A way to another page. Nothing is fetched before it is wanted: what a person does here has the network to itself. */
export function PageLink(props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) {
  return <NextLink {...props} prefetch={false} />;
}
