import * as texts from 'texts/steel/OwnSteelActions';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Passing } from '../../ui/Notice';
import { getOwn, setListed, steelsQuery, type Steel } from './api';
import { SteelDialog } from './OwnSteels';

const ownKey = (ownId: number) => ['own-steel', ownId];

function useSteelsAgain() {
  const client = useQueryClient();
  return async (ownId: number) => {
    await client.invalidateQueries({ queryKey: ownKey(ownId) });
    await client.invalidateQueries({ queryKey: steelsQuery.queryKey });
    await client.invalidateQueries({ queryKey: ['pair'] });
  };
}

/** What can be done with a steel of the shop's own: change what is known of it, or take it off the list. */
export function OwnSteelActions({
  steels,
  ownId,
  onTakeOff,
}: {
  steels: readonly Steel[];
  ownId: number;
  onTakeOff: () => void;
}) {
  const [changing, setChanging] = useState(false);
  const again = useSteelsAgain();
  const own = useQuery({ queryKey: ownKey(ownId), queryFn: () => getOwn(ownId), enabled: changing });
  return (
    <div className="flex gap-4 pb-2 text-[14px]">
      <Button weight="quiet" onClick={() => setChanging(true)}>
        {texts.edit}
      </Button>
      <Button weight="quiet" title={texts.plansThatUseItKeepIt} onClick={onTakeOff}>
        {texts.archive}
      </Button>
      {own.data && (
        <SteelDialog
          steels={steels}
          existing={{ id: ownId, version: own.data.version, known: own.data.known }}
          open={changing}
          onOpen={setChanging}
          onKept={() => void again(ownId)}
        />
      )}
    </div>
  );
}

/** Takes own steels off the list, with a way back that outlives the steel's own place on the page. */
export function useOffTheList(): { take: (steel: Steel) => void; passing: ReactNode } {
  const [taken, setTaken] = useState<{ id: string; ownId: number } | null>(null);
  const again = useSteelsAgain();
  const list = useMutation({
    mutationFn: ({ ownId, listed }: { ownId: number; listed: boolean }) => setListed(ownId, listed),
    onSuccess: (_, { ownId }) => again(ownId),
  });
  return {
    take: ({ id, ownId }) => {
      if (ownId === null) return;
      list.mutate({ ownId, listed: false });
      setTaken({ id, ownId });
    },
    passing: taken && (
      <Passing
        words={texts.isArchived({ id: taken.id })}
        undo={() => {
          list.mutate({ ownId: taken.ownId, listed: true });
          setTaken(null);
        }}
        close={() => setTaken(null)}
      />
    ),
  };
}
