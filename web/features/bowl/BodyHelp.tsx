import { useState } from 'react';
import { REGIMES } from '../../../core/regime/regime.ts';
import { relativeThickness } from '../../../core/texture/body.ts';
import { figure } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import type { BenchView } from '../bench/view.ts';
import { FlowTests } from './FlowTests.tsx';

/** What a ladle can do about the body, and the flow tests that were done. Amounts to begin with; the spoon decides. */
export function BodyHelp({ soupId, view }: { soupId: string; view: BenchView }) {
  return (
    <Disclosure summary="body: thinner, thicker, tested" lazy>
      <Help soupId={soupId} view={view} />
    </Disclosure>
  );
}

function Help({ soupId, view }: { soupId: string; view: BenchView }) {
  const [testing, setTesting] = useState(false);
  const { core, recipe, analysis, original } = view;
  const help = core.bodyHelp(core.entriesOf(recipe, REGIMES[analysis.regime], core.shelf), analysis.potMl, core.blendedShare(recipe));
  const ratio = relativeThickness(help.index) / relativeThickness(original.analysis.body.index);
  const lines = [
    help.thin &&
      `Thinner: ${figure(help.thin.ml)} ml of liquid more brings it to ${help.thin.word}. It cannot be taken out again, and bowls then hold less of the rest.`,
    help.holdBack && `Thicker: hold back ${figure(help.holdBack.ml)} ml of liquid and it is ${help.holdBack.word}.`,
    help.halfBlended && `Half of it blended: ${help.halfBlended.word} (${help.halfBlended.index.toFixed(2)}).`,
    'Sieved: no skins or strings, a little thinner.',
    `Chilled: ${help.chilled.word} (${help.chilled.index.toFixed(2)}); judge it at the warmth it is served at, fresh from the blender it holds air.`,
  ].filter((line) => line !== null);
  return (
    <>
      <ul className="mt-1 flex flex-col gap-1 text-sm">
        {Math.abs(ratio - 1) > 0.03 && <li>About {figure(ratio)} times as thick as the original.</li>}
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
        <li className="text-kale-soft">
          An estimate that orders soups by thickness. It is no swallowing level: that is tested, and decided by the professional.
        </li>
      </ul>
      <Button kind="chip" className="mt-1" onClick={() => setTesting(true)}>
        Flow tests
      </Button>
      <FlowTests soupId={soupId} open={testing} onOpenChange={setTesting} />
    </>
  );
}
