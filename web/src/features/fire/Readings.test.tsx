import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answeredBy } from '../../lib/standIn';
import { Readings } from './Readings';

const CSV = 'at,channel,value,unit\n1,forge,2000,F\n';

function shown(answer: Response) {
  const sent: { path: string; init: RequestInit }[] = [];
  vi.stubGlobal(
    'fetch',
    answeredBy((path, init) => {
      sent.push({ path, init });
      return Promise.resolve(answer);
    }),
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Readings id={7} />
    </QueryClientProvider>,
  );
  return sent;
}

const give = () => userEvent.upload(screen.getByLabelText('Logger file'), new File([CSV], 'kiln.csv'));

afterEach(() => vi.unstubAllGlobals());

describe('readings of a logger', () => {
  it('are sent as the file has them, and counted', async () => {
    const sent = shown(Response.json({ lines: 1234 }));
    await give();
    expect(await screen.findByText('1,234 readings imported')).toBeInTheDocument();
    expect(sent[0]?.path).toBe('/api/v1/forge-sessions/7/readings');
    expect(sent[0]?.init.body).toBe(CSV);
    expect((sent[0]?.init.headers as Record<string, string>)['content-type']).toBe('text/csv');
  });

  it('are refused with the line that cannot be read, and the file can be given again', async () => {
    const sent = shown(
      Response.json(
        {
          title: 'Invalid value',
          detail: 'The channel is forge or press.',
          where: '/line/3',
          remedy: 'Mend it.',
        },
        { status: 422 },
      ),
    );
    await give();
    expect(await screen.findByRole('alert')).toHaveTextContent(
      '“kiln.csv” was not imported. Line 3: The channel is forge or press. Mend it.',
    );
    await give();
    expect(sent).toHaveLength(2);
  });
});
