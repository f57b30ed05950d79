using AshNotch.Core.Costs;
using AshNotch.Core.Grain;

namespace AshNotch.App.Views;

/// <summary>What some changes would do.</summary>
/// <param name="Answer">In figures and words.</param>
/// <param name="Flows">The flows of the map as they would be.</param>
public sealed record WhatIfView(WhatIfAnswer Answer, IReadOnlyList<Flow> Flows);
