import { api, got, type Schemas } from '../api/client';

/** The vocabulary, asked for once. */
export const vocabulary = $state<{
  places: Schemas['PlaceView'][];
  moves: Schemas['MoveView'][];
  /** Why things happen, to offer. */
  causes: string[];
}>({ places: [], moves: [], causes: [] });

let asked: Promise<void> | undefined;

export function needVocabulary() {
  asked ??= Promise.all([got(api.GET('/api/vocabulary')), got(api.GET('/api/terms'))]).then(
    ([v, terms]) => {
      vocabulary.places = v.places;
      vocabulary.moves = v.moves;
      vocabulary.causes = terms.causes;
    },
    () => {
      asked = undefined;
    },
  );
}
