import { zodResolver } from '@hookform/resolvers/zod';
import type { Resolver } from 'react-hook-form';
import { FORMS, type FormName, type FormValues } from '@/present/forms/schemas';
import { IN_SENTENCES } from '@/present/forms/sentences';

/** Checks a form by the schema of its name. */
export function resolverOf<Name extends FormName>(name: Name): Resolver<FormValues<Name>> {
  return zodResolver(FORMS[name] as never, IN_SENTENCES as never) as unknown as Resolver<FormValues<Name>>;
}
