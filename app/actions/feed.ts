'use server';
import { z } from 'zod';
import type { ActionResult } from '@/present/forms/result';
import { makeFeed, revokeFeed } from '@/server/repositories/feeds';
import { act } from './act';

/** Makes a private address for the sessions; one made before ends with it. */
export async function makeAddress(sent: unknown): Promise<ActionResult<string>> {
  return act(z.undefined(), sent, async (scope) => ({ ok: true, value: await makeFeed(scope) }));
}

export async function revokeAddress(sent: unknown): Promise<ActionResult<string>> {
  return act(z.undefined(), sent, async (scope) => {
    await revokeFeed(scope);
    return { ok: true, value: 'The address leads nowhere any more.' };
  });
}
