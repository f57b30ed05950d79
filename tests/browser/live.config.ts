import base from './playwright.config';

export default { ...base, testMatch: '*.bench.ts', reporter: 'line' as const };
