import { ensurePackages } from './lib/prepare.mjs';

ensurePackages();
