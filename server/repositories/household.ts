import type { StoredHousehold } from '../../core/clean/campaign';
import type { Household } from '../../core/formats/household';
import type { HouseholdScope } from '../db/scope';
import { insertTicks, insertWeather, loadClean, loadTicks, loadWeather, putClean } from './clean';
import { insertHome, loadHome } from './home';
import { insertMachines, insertPeople, loadMachines, loadPeople } from './people';

/** The whole household as one value. */
export async function loadHousehold(scope: HouseholdScope): Promise<StoredHousehold> {
  const clean = loadClean(scope);
  const [own, home, people, machines, weather, theClean, ticks] = await Promise.all([
    scope.own().first('name', 'timezone') as Promise<{ name: string; timezone: string } | undefined>,
    loadHome(scope),
    loadPeople(scope),
    loadMachines(scope),
    loadWeather(scope),
    clean,
    clean.then((found) => (found ? loadTicks(scope, found.id) : [])),
  ]);
  if (!own) throw new Error('The household of this session is not there.');
  return {
    format: 'early-thaw/household',
    version: 1,
    name: own.name,
    timezone: own.timezone,
    home,
    people,
    machines,
    weather,
    clean: theClean,
    ticks,
  };
}

/** Fills a household that is still empty. */
export async function insertHousehold(scope: HouseholdScope, household: Household): Promise<void> {
  await scope.transaction(async (inside) => {
    await insertHome(inside, household.home);
    await insertPeople(inside, household.people);
    await insertMachines(inside, household.machines);
    await insertWeather(inside, household.weather);
    await putClean(inside, household.clean);
    await insertTicks(inside, household.clean.id, household.ticks);
  });
}
