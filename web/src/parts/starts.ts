/** Rounds from an agreed start have starts to count. */
export const mayCount = ({ kind }: { kind?: string }) => kind === 'drill' || kind === 'positional';
