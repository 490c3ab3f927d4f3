import { z } from 'zod';
import { UNITS } from '../../core/basics/choices';
import { almanacSettingsSchema, NOTHING_SAID_OF_THE_YEAR } from '../../core/clean/almanac-settings';
import { leavingSchema } from '../../core/clean/leaving';
import { NOTHING_LEAVING } from '../../core/clean/piles';
import { householdRulesSchema, UNCHANGED_RULES } from '../../core/clean/rule';
import { steeringSchema, UNSTEERED } from '../../core/clean/steering';
import { NO_SUPPLIES, suppliesSchema } from '../../core/clean/supplies';
import { homeFactsSchema } from '../../core/home/facts';
import { NO_FACTS } from '../../core/home/no-facts';
import { WAYS_ROUND } from '../../core/home/room';
import type { Editable } from '../../core/household/editable';
import { householdSchema } from '../../core/household/household';
import type { Row } from './scope';

/** What there is one of in a household, as a row each under its name. */

/** A setting under the name of its row; what was never said has a default. */
const SETTINGS = {
  facts: homeFactsSchema.default(NO_FACTS),
  way: z.enum(WAYS_ROUND).default('clockwise'),
  units: z.enum(UNITS).default('metric'),
  rules: householdRulesSchema.default(UNCHANGED_RULES),
  supplies: suppliesSchema.default(NO_SUPPLIES),
  leaving: leavingSchema.default(NOTHING_LEAVING),
  calls: householdSchema.shape.calls,
  almanac: almanacSettingsSchema.default(NOTHING_SAID_OF_THE_YEAR),
  steering: steeringSchema.default(UNSTEERED),
  weather: householdSchema.shape.weather.default([]),
  'forecast-seed': householdSchema.shape.forecastSeed,
};
const settingsSchema = z.object(SETTINGS);
type Settings = z.infer<typeof settingsSchema>;

type Held = Pick<
  Editable,
  'units' | 'rules' | 'supplies' | 'leaving' | 'calls' | 'almanac' | 'steering' | 'weather' | 'forecastSeed'
> & { readonly home: Pick<Editable['home'], 'facts' | 'wayRound'> };

export function settingRows({ home, forecastSeed, ...held }: Held): Map<string, Row> {
  const { units, rules, supplies, leaving, calls, almanac, steering, weather } = held;
  const settings: Settings = {
    facts: home.facts,
    way: home.wayRound,
    units,
    rules,
    supplies,
    leaving,
    calls,
    almanac,
    steering,
    weather,
    'forecast-seed': forecastSeed,
  };
  return new Map(
    Object.entries(settings).flatMap(([id, value]) =>
      value === undefined ? [] : [[id, { id, value: JSON.stringify(value) }]],
    ),
  );
}

export function settingsOf(rows: readonly { readonly id: string; readonly value: string }[]): Held {
  const stored = Object.fromEntries(rows.map(({ id, value }) => [id, JSON.parse(value)]));
  const { facts, way, 'forecast-seed': forecastSeed, ...held } = settingsSchema.parse(stored);
  return { ...held, home: { facts, wayRound: way }, ...(forecastSeed !== undefined && { forecastSeed }) };
}
