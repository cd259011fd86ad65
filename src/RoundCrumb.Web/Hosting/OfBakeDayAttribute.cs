namespace RoundCrumb.Web.Hosting;

/// <summary>
/// A page of one bake day, whose number stands in its address as <c>id</c>: where the day was deleted, it can be brought back.
/// </summary>
[AttributeUsage(AttributeTargets.Class)]
public sealed class OfBakeDayAttribute : Attribute;
