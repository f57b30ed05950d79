import base from './playwright.config';

export default { ...base, testMatch: '*.shots.ts', reporter: 'line' as const };
