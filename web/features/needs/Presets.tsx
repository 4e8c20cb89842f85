import { useState } from 'react';
import { PRESETS, withPreset } from '../../../core/swap/data/presets.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { useKitchenPresets, useSavePreset } from '../../api/queries.ts';
import { Button } from '../../ui/button.tsx';
import { Field, Input } from '../../ui/field.tsx';
import { Notice } from '../../ui/state.tsx';

/** Bundles to start from: common practice, and the kitchen's own, which can be written over and dropped. */
export function Presets({ needs, onNeeds }: { needs: Needs; onNeeds: (needs: Needs) => void }) {
  const own = useKitchenPresets();
  const save = useSavePreset();
  const [caution, setCaution] = useState('');
  const [saving, setSaving] = useState(false);
  const asks = JSON.stringify(shareable(needs)) !== '{}';
  return (
    <fieldset>
      <legend className="text-sm text-kale-soft">Start from (common practice, to be changed line by line)</legend>
      <div className="flex flex-wrap gap-1">
        {PRESETS.map((preset) => (
          <Button
            key={preset.id}
            kind="chip"
            title={preset.source}
            onClick={() => {
              onNeeds(withPreset(needs, preset));
              setCaution(preset.caution);
            }}
          >
            {preset.name}
          </Button>
        ))}
        {own.data?.map((preset) => (
          <Button
            key={preset.id}
            kind="chip"
            className="border-squash!"
            onClick={() => {
              onNeeds(withPreset(needs, preset));
              setCaution(preset.caution);
            }}
          >
            {preset.name}
          </Button>
        ))}
        <Button kind="quiet" className="text-sm underline" onClick={() => setSaving(!saving)} aria-expanded={saving}>
          our own presets
        </Button>
      </div>
      <p role="status" className="mt-1 text-sm text-mustard">
        {caution}
      </p>
      {saving && (
        <div className="mt-1 rounded-lg border border-line p-2">
          {asks ? (
            <NewPreset onSave={(name, text) => save.mutate({ name, caution: text, needs: shareable(needs) })} />
          ) : (
            <p className="text-sm text-kale-soft">Ask for something first: a preset is made of what is asked now.</p>
          )}
          <ul className="mt-1">
            {own.data?.map((preset) => (
              <li key={preset.id} className="flex items-center gap-2 text-sm">
                <span className="min-w-0 flex-1 truncate">{preset.name}</span>
                <Button
                  kind="quiet"
                  className="underline"
                  disabled={!asks}
                  aria-label={`Write what is asked now over ${preset.name}`}
                  onClick={() => save.mutate({ ...preset, needs: shareable(needs) })}
                >
                  write over
                </Button>
                <Button
                  kind="quiet"
                  className="underline"
                  aria-label={`Drop the preset ${preset.name}`}
                  onClick={() => save.mutate({ ...preset, drop: true })}
                >
                  drop
                </Button>
              </li>
            ))}
          </ul>
          {(save.isError || own.isError) && <Notice tone="breaks">{(save.error ?? own.error)?.message} Nothing was changed; try again.</Notice>}
        </div>
      )}
    </fieldset>
  );
}

/** What can be asked of any soup: the lines that are kept are this soup's alone. */
function shareable({ keepLines: _, ...needs }: Needs): Needs {
  return needs;
}

function NewPreset({ onSave }: { onSave: (name: string, caution: string) => void }) {
  const [name, setName] = useState('');
  const [caution, setCaution] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onSave(name.trim(), caution.trim());
        setName('');
        setCaution('');
      }}
    >
      <Field label="What is asked now, as">
        <Input required value={name} placeholder="table B" onChange={(event) => setName(event.target.value)} />
      </Field>
      <Field label="What to mind with it" className="min-w-0 flex-1">
        <Input value={caution} onChange={(event) => setCaution(event.target.value)} />
      </Field>
      <Button type="submit" disabled={name.trim() === ''}>
        Save preset
      </Button>
    </form>
  );
}
