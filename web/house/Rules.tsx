// Numbers that a lead decides. Rules of thumb of the trade to start from.
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { partsOf, PlainForm, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';
import { RULE_FIELDS, rulesOf, ruleValues } from './ruleForm.ts';

export function Rules({ write, mayEdit }: PartProps) {
  const { house } = useMe();
  const { bare, unit } = useUnits();
  const values: Values = { ...ruleValues(house), roomC: bare('temperature', house.rules.ambient.roomC) };
  return (
    <section className="card" aria-label="House rules">
      <h2>House rules</h2>
      {mayEdit ? (
        <PlainForm
          draft="rules"
          fields={RULE_FIELDS}
          initial={values}
          submit="These are our rules"
          keep
          onSubmit={async (typed) => {
            const wrong = await write('House rules', rulesOf(typed, house.rules));
            if (wrong === undefined) await mutate(paths.me);
            return wrong;
          }}
        />
      ) : (
        partsOf(RULE_FIELDS).map(({ section, about, of }) => (
          <section key={section ?? ''} aria-label={section}>
            {section && <h3>{section}</h3>}
            {about && <p className="soft tight">{about}</p>}
            <dl className="fact-grid">
              {of.map(({ name, label, ...field }) => (
                <div key={name}>
                  <dt>
                    {label}
                    {field.type === 'quantity' && `, ${unit(field.quantity)}`}
                  </dt>
                  <dd>{values[name]}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))
      )}
    </section>
  );
}
