using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>One change to think through.</summary>
/// <param name="From">The place it starts from.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, or null.</param>
/// <param name="To">Where it leads, where no move is named.</param>
/// <param name="Odds">What its odds are multiplied by.</param>
public sealed record WhatIfChange(string From, [property: TermOf(typeof(Who))] string By, string? Move, string? To, double Odds);
