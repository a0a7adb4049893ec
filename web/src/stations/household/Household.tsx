import { useHousehold } from '../../api/queries';
import { Heading, Waiting } from '../../kit/kit';
import { EquipmentRows } from './EquipmentRows';
import { Members } from './Members';
import { NameRows } from './NameRows';
import { PeopleRows } from './PeopleRows';
import { PlaceRows } from './PlaceRows';
import { Reminding } from './Reminding';
import { Settings } from './Settings';
import { Whereabouts } from './Whereabouts';

/** Who eats here, in what is measured, where things lie, and what there is to cook with. */
export function Household() {
  const household = useHousehold().data;
  if (!household) {
    return <Waiting />;
  }
  const eating = household.people.filter((person) => person.active).length;
  return (
    <>
      <Heading title={household.name} below="who eats, how it is measured, where things lie, what you cook with">
        {eating > 0 && (
          <>
            <p className="figure text-4xl font-bold">{household.plates}</p>
            <p className="quiet">plates at a full table of {eating}</p>
          </>
        )}
      </Heading>
      {!household.country && <Whereabouts household={household} />}
      <PeopleRows people={household.people} allergens={household.allergens} />
      <div className="mt-10 grid items-start gap-8 lg:grid-cols-2">
        <PlaceRows places={household.places} />
        <EquipmentRows equipment={household.equipment} />
      </div>
      <Members people={household.people} />
      <Reminding />
      <NameRows />
      <Settings key={household.version} household={household} />
      <p className="quiet mt-10">
        To take along as tables:{' '}
        <a className="underline" href="/api/tables/stock.csv" download>
          what is there
        </a>
        ,{' '}
        <a className="underline" href="/api/tables/prices.csv" download>
          prices
        </a>
        ,{' '}
        <a className="underline" href="/api/tables/movements.csv" download>
          everything that came and went
        </a>
        .
      </p>
      <p className="quiet mt-4">
        Wexilla is free software under the Apache License 2.0. What it is built of:{' '}
        <a className="underline" href="/third-party/web.txt">
          in the pages
        </a>
        ,{' '}
        <a className="underline" href="/third-party/java.txt">
          in the server
        </a>
        .
      </p>
    </>
  );
}
