import * as texts from 'texts/account/Backups';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed, Notice } from '../../ui/Notice';
import { Words } from '../../ui/Words';
import { shortTime } from '../book/time';
import { backUp, backupsQuery, type Backups as Status } from './api';

/** The backups of every night: how old the newest is, whether one was proven, and one more now. */
export function Backups() {
  const client = useQueryClient();
  const status = useQuery(backupsQuery);
  const now = useMutation({
    mutationFn: backUp,
    onSuccess: (made) => client.setQueryData(backupsQuery.queryKey, made),
  });
  if (status.isError) return <LoadFailed error={status.error} again={() => void status.refetch()} />;
  if (!status.data) return null;
  const made = status.data;
  return (
    <section aria-label={texts.nightlyBackups} className="grid max-w-prose gap-2 pt-4">
      <h3>{texts.nightlyBackups}</h3>
      {made.folder === '' ? (
        <p className="text-soft">{texts.noneAreMade}</p>
      ) : (
        <>
          {made.problem !== null && (
            <Notice title={texts.theLastBackupDidNotWork}>
              <Words of={made.problem} />
            </Notice>
          )}
          {made.late && made.problem === null && <Notice title={texts.late}>{texts.whatToCheck}</Notice>}
          <Newest of={made} />
          <div>
            <Button onClick={() => now.mutate()} disabled={now.isPending}>
              {now.isPending ? texts.backingUp : texts.backUpNow}
            </Button>
          </div>
          {now.error && <p role="alert">{Problem.from(now.error).detail}</p>}
        </>
      )}
    </section>
  );
}

function Newest({ of: made }: { of: Status }) {
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
      <dt className="text-soft">{texts.newest}</dt>
      <dd>{made.newestAt === null ? texts.noneYet : shortTime(made.newestAt)}</dd>
      <dt className="text-soft">{texts.restoredAndCompared}</dt>
      <dd>{made.checkedAt === null ? texts.notYet : shortTime(made.checkedAt)}</dd>
      <dt className="text-soft">{texts.kept}</dt>
      <dd>{texts.ofKept({ there: made.there, kept: made.kept })}</dd>
      <dt className="text-soft">{texts.folder}</dt>
      <dd className="break-all">{made.folder}</dd>
    </dl>
  );
}
