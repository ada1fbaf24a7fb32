import * as texts from 'texts/steel/OwnSteels';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { steelsQuery, takeTable, type Fault, type Steel } from './api';
import { SteelForm, type Existing } from './SteelForm';

/** The foot of the list: a steel of one's own, and tables in and out. */
export function OwnSteels({ steels, onAdded }: { steels: readonly Steel[]; onAdded: (id: string) => void }) {
  const [adding, setAdding] = useState(false);
  const [said, setSaid] = useState<{ words: string; faults: readonly Fault[] } | null>(null);
  const client = useQueryClient();
  const take = useMutation({
    mutationFn: takeTable,
    onSuccess: async ({ steels: count }) => {
      setSaid({ words: texts.steelImported({ count }), faults: [] });
      await client.invalidateQueries({ queryKey: steelsQuery.queryKey });
    },
    onError: (e) => {
      const problem = Problem.from(e);
      const faults = Array.isArray(problem.more['faults']) ? (problem.more['faults'] as Fault[]) : [];
      setSaid({ words: texts.nothingWasImported({ detail: problem.detail }), faults });
    },
  });
  return (
    <div className="border-t border-ink px-4 py-2.5 text-[14px]">
      {said && (
        <div role={said.faults.length > 0 ? 'alert' : 'status'} className="pb-2">
          <p className="font-semibold">{said.words}</p>
          <ul className="max-h-32 overflow-y-auto">
            {said.faults.map((f, i) => (
              <li key={i}>
                {texts.line({ line: f.line })}
                {f.column && `, ${f.column}`}: {f.reason}
              </li>
            ))}
          </ul>
          <Button weight="quiet" onClick={() => setSaid(null)}>
            {texts.close}
          </Button>
        </div>
      )}
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        <Button weight="quiet" className="font-semibold" onClick={() => setAdding(true)}>
          {texts.addSteel}
        </Button>
        <FileButton
          weight="quiet"
          name={texts.csvFileOfSteels}
          accept=".csv,text/csv"
          onFile={(file) => void file.text().then((csv) => take.mutate(csv))}
        >
          {texts.importCsv}
        </FileButton>
        <a
          href="/api/v1/steels/own.csv"
          download
          className="underline decoration-line underline-offset-4 hover:decoration-ink"
        >
          {texts.exportCsv}
        </a>
      </div>
      <SteelDialog steels={steels} open={adding} onOpen={setAdding} onKept={onAdded} />
    </div>
  );
}

/** The form in a panel at the side. */
export function SteelDialog({
  steels,
  existing,
  open,
  onOpen,
  onKept,
}: {
  steels: readonly Steel[];
  existing?: Existing | undefined;
  open: boolean;
  onOpen: (open: boolean) => void;
  onKept: (id: string) => void;
}) {
  // Not Radix's modal kind: that one writes a style element, which the page's policy forbids.
  return (
    <Dialog.Root open={open} onOpenChange={onOpen} modal={false}>
      <Dialog.Portal>
        <div aria-hidden className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed inset-y-0 right-0 z-50 w-[46rem] max-w-full overflow-y-auto border-l border-ink bg-ground px-6 py-5 text-[15px]">
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="text-2xl">{texts.yourSteel}</Dialog.Title>
            <Dialog.Close className="underline decoration-line underline-offset-4 hover:decoration-ink">
              {texts.close}
            </Dialog.Close>
          </div>
          <Dialog.Description className="pb-3 text-soft">{texts.whatYouKnowOfItStands}</Dialog.Description>
          <SteelForm
            steels={steels}
            existing={existing}
            onKept={(id) => {
              onOpen(false);
              onKept(id);
            }}
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
