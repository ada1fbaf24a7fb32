import * as texts from 'texts/pooling/AddShop';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { TextField } from '../../ui/TextField';
import { addShop, type OtherShop } from './api';

const LONGEST_NAME = 120;

/** Asks for another shop's file, and what the shop is to be called here. */
export function AddShop({ onAdded }: { onAdded: (all: readonly OtherShop[]) => Promise<void> }) {
  const [given, setGiven] = useState<{ name: string; file: File } | null>(null);
  const add = useMutation({
    mutationFn: async ({ name, file }: { name: string; file: File }) => addShop(name, await file.text()),
    onSuccess: async (all) => {
      setGiven(null);
      await onAdded(all);
    },
  });
  if (!given)
    return (
      <p className="border-t border-rule pt-3">
        <FileButton
          name={texts.file}
          accept=".json,application/json"
          onFile={(file) => {
            add.reset();
            setGiven({ name: file.name.replace(/\.[^.]*$/, '').slice(0, LONGEST_NAME), file });
          }}
        >
          {texts.addARecord}
        </FileButton>
      </p>
    );
  const problem = add.error ? Problem.from(add.error) : null;
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(given);
      }}
    >
      <TextField
        label={texts.name}
        value={given.name}
        longest={LONGEST_NAME}
        error={null}
        onChange={(name) => setGiven({ ...given, name })}
      />
      <Button type="submit" weight="strong" disabled={add.isPending || given.name.trim() === ''}>
        {texts.add}
      </Button>
      <Button weight="quiet" onClick={() => setGiven(null)}>
        {texts.cancel}
      </Button>
      {problem && (
        <p role="alert" className="basis-full">
          ▲ {texts.notAdded({ file: given.file.name })} {problem.where && <code>{problem.where}</code>}{' '}
          {problem.detail}
        </p>
      )}
    </form>
  );
}
