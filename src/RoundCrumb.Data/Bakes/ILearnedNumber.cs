namespace RoundCrumb.Data.Bakes;

/// <summary>Tells the number of what the kitchen has learned so far: a bake keeps it, so that its sheet stays what it is.</summary>
public interface ILearnedNumber
{
    /// <summary>The number of what is put on now; 0 while nothing is.</summary>
    Task<int> NumberAsync(CancellationToken cancel = default);
}
