using AshNotch.Core.Skill;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>Changes to think through.</summary>
/// <param name="Against">Against whom; null for my usual partners.</param>
/// <param name="Changes">The changes.</param>
public sealed record WhatIfAsked([property: TermOf(typeof(Against))] string? Against, IReadOnlyList<WhatIfChange>? Changes);
