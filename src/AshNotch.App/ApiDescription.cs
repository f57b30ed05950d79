using System.Reflection;
using System.Text.Json.Nodes;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace AshNotch.App;

/// <summary>What the description of the API says beyond what the types tell: the fixed terms of written fields, and ids as texts.</summary>
internal static class ApiDescription
{
    public static Task Head(OpenApiDocument document, OpenApiDocumentTransformerContext context, CancellationToken stop)
    {
        document.Info.Title = "Ash Notch";
        document.Servers?.Clear();
        return Task.CompletedTask;
    }

    public static Task Terms(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken stop)
    {
        var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
        if (type == typeof(PlaceId) || type == typeof(MoveId))
            schema.Type = JsonSchemaType.String | (type == context.JsonTypeInfo.Type ? 0 : JsonSchemaType.Null);
        var field = context.JsonPropertyInfo?.AttributeProvider as MemberInfo;
        if (field?.GetCustomAttribute<TermOfAttribute>() is not { } terms)
            return Task.CompletedTask;
        var written = schema.Items as OpenApiSchema ?? schema;
        written.Enum = [.. Term.All(terms.Term).Select(t => (JsonNode)JsonValue.Create(t)!)];
        return Task.CompletedTask;
    }
}
