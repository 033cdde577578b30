import { freePorts } from '../../scripts/lib/freePorts';

/** Of the servers that the browser tests drive. Drawn once a run: every worker of it inherits them. */
const KEY = 'ROVACK_TEST_PORTS';
process.env[KEY] ??= freePorts(2).join(' ');
const [empty = 0, sample = 0] = process.env[KEY].split(' ').map(Number);

export const PORTS = { empty, sample };
