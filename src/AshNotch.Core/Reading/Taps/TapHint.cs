using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Taps;

/// <summary>Words that say that somebody tapped without counting it.</summary>
/// <param name="Who">Who finished; null for whoever finished last before.</param>
/// <param name="Kind">What they say.</param>
/// <param name="Words">The words.</param>
internal sealed record TapHint(Who? Who, TapHintKind Kind, Span Words);
