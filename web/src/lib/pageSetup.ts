import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

// What is waited for may take long on a machine that is busy with other tests.
configure({ asyncUtilTimeout: 20_000 });

afterEach(cleanup);
