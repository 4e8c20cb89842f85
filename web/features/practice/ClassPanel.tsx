import { Download } from 'lucide-react';
import Papa from 'papaparse';
import { useState } from 'react';
import type { ClassBody } from '../../../contract/types.ts';
import { fetchLearner, useClass, useForgetLearner } from '../../api/practice.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { fileName, saveText } from '../../kitchen/textFile.ts';
import { Button } from '../../ui/button.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Notice, Waiting } from '../../ui/state.tsx';
import { Table } from '../../ui/table.tsx';
import { say } from '../../ui/toast.ts';

type Learner = ClassBody['learners'][number];

/** For the teacher: who has what to see again, and what the class as a whole misses. No one is ranked. */
export function ClassPanel() {
  const all = useClass();
  const forget = useForgetLearner();
  const [leaving, setLeaving] = useState<string | null>(null);
  if (all.error) return <Notice tone="breaks">{all.error.message}</Notice>;
  if (!all.data) return <Waiting>Fetching the class ...</Waiting>;
  const { learners, missed } = all.data;
  if (learners.length === 0)
    return <p className="rounded-xl border border-dashed border-kale-soft p-6 text-kale-soft">Nobody has answered a round under a code yet.</p>;
  const save = async (code: string) => {
    const { answers } = await fetchLearner(code);
    const rows = answers.map(({ day, round, topic, right }) => [day, round, topic, right ? 'as the kitchen has it' : 'to see again']);
    saveText(
      fileName(`practice ${code}`, 'csv'),
      Papa.unparse({ fields: ['day', 'round', 'about', 'answer'], data: rows }, { escapeFormulae: true }),
      'text/csv',
    );
  };
  return (
    <div className="flex flex-col gap-4">
      <section aria-label="Learners" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
        <Table
          caption="Learners by code"
          columns={[
            { head: 'Code', cell: ({ code }: Learner) => code, isHead: true },
            { head: 'Rounds answered', cell: ({ answers }: Learner) => answers, isFigure: true },
            {
              head: 'To see again',
              cell: ({ toSeeAgain, dueNow }: Learner) => (dueNow > 0 ? `${toSeeAgain}, ${dueNow} of them now` : toSeeAgain),
              isFigure: true,
            },
            { head: 'Last', cell: ({ lastAt }: Learner) => dayWords(lastAt.slice(0, 10)), className: 'pl-6', headClass: 'pl-6' },
            {
              head: '',
              cell: ({ code }: Learner) => (
                <span className="flex justify-end gap-1">
                  <Button
                    kind="chip"
                    aria-label={`Save the answers of ${code}`}
                    onClick={() => save(code).catch((error: Error) => say(error.message))}
                  >
                    <Download size={14} aria-hidden /> answers
                  </Button>
                  <Button kind="chip" aria-label={`Forget ${code}`} onClick={() => setLeaving(code)}>
                    forget
                  </Button>
                </span>
              ),
            },
          ]}
          rows={learners}
          keyOf={({ code }) => code}
        />
      </section>
      {missed.length > 0 && (
        <section aria-label="What the class misses" className="rounded-xl border border-line bg-card p-3">
          <h2 className="text-lg">What to go over together</h2>
          <ul className="list-disc pl-5">
            {missed.map(({ topic, learners: many }) => (
              <li key={topic}>
                {topic}: {many === 1 ? 'one learner has' : `${many} learners have`} it to see again
              </li>
            ))}
          </ul>
        </section>
      )}
      <Dialog open={leaving !== null} onOpenChange={() => setLeaving(null)} title={`Forget ${leaving ?? ''}`}>
        <p>Every answer under this code goes, and what was to come back. This cannot be undone; save the answers first if they are wanted.</p>
        <div className="mt-3 flex gap-2">
          <Button
            kind="main"
            onClick={() => {
              if (leaving) forget.mutate(leaving, { onSuccess: () => say(`${leaving} is forgotten.`), onError: (error) => say(error.message) });
              setLeaving(null);
            }}
          >
            Forget
          </Button>
          <Button onClick={() => setLeaving(null)}>Keep</Button>
        </div>
      </Dialog>
    </div>
  );
}
