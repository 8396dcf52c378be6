'use client';

import { type About, DESK_PAPERS, UNITS } from '@/core/about/about';
import { EXPERIENCES, GRIP_WISHES, type GripWish, SCHOOLS, type SchoolId, SIDES } from '@/core/kit/need';
import { lookUp } from '@/core/measure/lookUp';
import { paperFormat } from '@/core/measure/paper';
import { OneOf } from '../fields/OneOf';
import { useAbout } from '../frame/AboutMe';
import { useNotice } from '../frame/notices';

const UNIT_NAMES = { mm: 'millimetres', inch: 'inches (nibs stay in mm)' } as const;

const GRIP_NAMES: Readonly<Record<GripWish, string>> = {
  any: 'any grip',
  slim: 'a slim grip: small hands',
  thick: 'a thick, soft grip: my hand cramps',
};

/** The scribe: asked once, used at every station. */
export function AboutPanel() {
  const { about, keep } = useAbout();
  const notice = useNotice();
  const set = (part: Partial<About>) => keep({ ...about, ...part }).catch((error) => notice.failed(error));
  return (
    <section aria-labelledby="about-me" className="space-y-3">
      <h2 id="about-me" className="margin-heading">
        About me
      </h2>
      <p className="max-w-prose">
        Asked once, and used for new sheets, kits, courses and pages. A sheet that is open stays as it is.
      </p>
      <div className="grid max-w-2xl gap-x-6 gap-y-2 sm:grid-cols-2">
        <Choice name="Writing hand" value={about.side} choices={SIDES} onChoose={(side) => set({ side })} />
        <Choice
          name="Lengths in"
          value={about.units}
          choices={UNITS}
          nameOf={(units) => UNIT_NAMES[units]}
          onChoose={(units) => set({ units })}
        />
        <Choice
          name="Paper in the printer"
          value={about.paper}
          choices={DESK_PAPERS}
          nameOf={(paper) => paperFormat(paper)?.name ?? paper}
          onChoose={(paper) => set({ paper })}
        />
        <Choice
          name="Experience"
          value={about.experience}
          choices={EXPERIENCES}
          onChoose={(experience) => set({ experience })}
        />
        <Choice
          name="Holders"
          value={about.grip}
          choices={GRIP_WISHES}
          nameOf={(grip) => GRIP_NAMES[grip]}
          onChoose={(grip) => set({ grip })}
        />
      </div>
      <details>
        <summary className="cursor-pointer text-sm">Where schools differ</summary>
        <div className="mt-2 grid max-w-2xl gap-2">
          {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => (
            <Choice
              key={id}
              name={SCHOOLS[id].name}
              value={about.schools[id]}
              choices={Object.keys(SCHOOLS[id].choices)}
              nameOf={(key) => lookUp(SCHOOLS[id].choices as Readonly<Record<string, string>>, key) ?? key}
              onChoose={(key) => set({ schools: { ...about.schools, [id]: key } })}
            />
          ))}
        </div>
      </details>
    </section>
  );
}

/** A list to choose from, under its name. */
const Choice = <T extends string>({ name, ...field }: { name: string } & Parameters<typeof OneOf<T>>[0]) => (
  <label className="flex items-center justify-between gap-3 text-sm">
    {name}
    <OneOf<T> {...field} className="select select-sm w-56" />
  </label>
);
