// Nets, hoses and the like, each with the racks that it belongs to.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { HouseView } from '#contract/views.ts';
import { TOOL_KINDS, type ToolFields, type ToolKind } from '#core/exposure/index.ts';
import { newId } from '../data/house.ts';
import { numberOf, PlainForm, type FormField, type Values } from '../parts/PlainForm.tsx';
import type { PartProps } from './part.ts';

type Tool = HouseView['tools'][number];

const fieldsFor = (racks: HouseView['racks']): FormField[] => [
  { name: 'name', type: 'text', label: 'What it is called', maxLength: 40 },
  { name: 'what', type: 'choice', label: 'What it is', options: TOOL_KINDS },
  {
    name: 'rack',
    type: 'choice',
    label: 'Whose it is',
    options: [{ value: '', label: 'of every rack' }, ...racks.map(({ id, name }) => ({ value: id, label: name }))],
  },
  { name: 'widthCm', type: 'number', label: 'Width, cm', min: 1, max: 200, optional: true },
  { name: 'meshMm', type: 'number', label: 'Mesh, mm', min: 0.1, max: 50, optional: true },
];
export const toolOf = (values: Values): ToolFields => ({
  name: values.name!,
  what: values.what as ToolKind,
  racks: values.rack ? [values.rack] : [],
  ...(values.widthCm ? { widthCm: numberOf(values.widthCm) } : {}),
  ...(values.meshMm ? { meshMm: numberOf(values.meshMm) } : {}),
});

export function Tools({ view, write, mayEdit }: PartProps) {
  const [open, setOpen] = useState<string>();
  const fields = fieldsFor(view.racks);
  const rackName = (id: string | undefined) => view.racks.find((rack) => rack.id === id)?.name ?? 'every rack';
  const change = (tool: Tool) => async (values: Values) => {
    const now = toolOf(values);
    const changed = Object.fromEntries(
      Object.entries(now).filter(([name, value]) => JSON.stringify(tool[name as 'name']) !== JSON.stringify(value)),
    );
    const wrong = await write(`${now.name} changed`, {
      kind: 'tool.changed',
      payload: { tool: tool.id, basedOn: tool.entry, fields: changed },
    });
    if (wrong === undefined) setOpen(undefined);
    return wrong;
  };
  return (
    <section className="card" aria-label="Tools">
      <h2>Nets and other tools</h2>
      <p className="soft">Own nets, hoses and buckets for each group: the one mistake that everybody admits to is one net in two tanks.</p>
      <ul className="plain-list">
        {view.tools.map((tool) => (
          <li key={tool.id}>
            <b>{tool.name}</b>{' '}
            <span className="soft">
              {tool.what}, {rackName(tool.racks[0])}
              {tool.widthCm ? `, ${tool.widthCm} cm` : ''}
              {tool.meshMm ? `, mesh ${tool.meshMm} mm` : ''}
            </span>{' '}
            {mayEdit && (
              <Button
                variant="quiet"
                className="btn-quiet"
                aria-expanded={open === tool.id}
                onClick={() => setOpen(open === tool.id ? undefined : tool.id)}
                aria-label={`Change ${tool.name}`}
              >
                Change
              </Button>
            )}
            {open === tool.id && (
              <>
                <PlainForm
                  draft={`tool ${tool.id}`}
                  key={tool.entry}
                  fields={fields}
                  initial={{
                    name: tool.name,
                    what: tool.what,
                    rack: tool.racks[0] ?? '',
                    widthCm: tool.widthCm ? String(tool.widthCm) : '',
                    meshMm: tool.meshMm ? String(tool.meshMm) : '',
                  }}
                  submit={`${tool.name} is so`}
                  keep
                  onSubmit={change(tool)}
                />
                <Button
                  variant="odd"
                  onClick={() => void write(`${tool.name} is gone`, { kind: 'thing.retired', payload: { what: 'tool', id: tool.id } })}
                >
                  {tool.name} is gone
                </Button>
              </>
            )}
          </li>
        ))}
      </ul>
      {mayEdit && (
        <PlainForm
          draft="new tool"
          fields={fields}
          submit="Add this tool"
          onSubmit={(values) => write(values.name!, { kind: 'tool.added', payload: { tool: newId(), ...toolOf(values) } })}
        />
      )}
    </section>
  );
}
