import * as texts from 'texts/schedule/useOpen';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { Problem } from '../../lib/http';
import { rackQuery, startBillet, type Billet } from '../billet/api';
import { planOf, type Asked, type Way } from './api';

/** Opens a way: as a new billet, or as the way on of the billet it was found for. */
export function useOpen(asked: Asked, billet: Billet | undefined) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const work = useMutation({
    mutationFn: async (way: Way) => {
      const plan = await planOf(asked, way);
      if (billet) {
        await navigate(`/billets/${billet.id}`, { state: { plan } });
        return;
      }
      const made = await startBillet({
        name: texts.layers({ value: way.visible.toLocaleString('en'), words: way.words }).slice(0, 120),
        purpose: '',
        plan,
      });
      await client.invalidateQueries(rackQuery);
      await navigate(`/billets/${made.id}`);
    },
  });
  return {
    open: work.mutate,
    busy: work.isPending,
    problem: work.error ? Problem.from(work.error) : null,
  };
}
