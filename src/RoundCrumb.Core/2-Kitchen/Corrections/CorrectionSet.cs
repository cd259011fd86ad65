using System.Collections.Frozen;
using System.Globalization;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Corrections;

/// <summary>One figure as this kitchen's own bakes have it.</summary>
/// <param name="Key">Of what.</param>
/// <param name="Value">What the book's is multiplied by, or what is added to it.</param>
/// <param name="Low">The low end of what it may be: nine in ten such bands hold the truth.</param>
/// <param name="High">The high end.</param>
/// <param name="Bakes">From how many bakes.</param>
/// <param name="IsPinned">True where the baker has set it by hand.</param>
public sealed record Correction(CorrectionKey Key, double Value, double Low, double High, int Bakes, bool IsPinned = false)
{
    /// <summary>True where it only says that the book stands, whatever its family does.</summary>
    public bool IsBook => !IsPinned && Low.Equals(High) && Value.Equals(Key.Kind.Facts.Scale is CorrectionScale.Times ? 1 : 0);

    /// <summary>As a figure of the craft, for the working of what it is put on.</summary>
    public Constant AsConstant() => new(
        IsPinned
            ? "this kitchen, set by hand"
            : Bakes == 1 ? "this kitchen, from 1 bake" : string.Create(CultureInfo.InvariantCulture, $"this kitchen, from {Bakes} bakes"),
        Value, Low, High, Key.Kind.Facts.Dimension,
        IsPinned ? "You set it in the notebook." : "Learned from what was written down; see the notebook, where it can be switched off.");
}

/// <summary>All that is put on at one time, under a number that an address can name.</summary>
public sealed class CorrectionSet
{
    private readonly FrozenDictionary<CorrectionKey, Correction> _byKey;

    /// <summary>A set.</summary>
    /// <param name="number">What it is called; 0 for the book as it is.</param>
    /// <param name="all">What is put on, each once.</param>
    public CorrectionSet(int number, IEnumerable<Correction> all)
    {
        Number = number;
        All = [.. all];
        _byKey = All.ToFrozenDictionary(c => c.Key);
    }

    /// <summary>The book as it is.</summary>
    public static CorrectionSet Book { get; } = new(0, []);

    /// <summary>What it is called in addresses; 0 for the book.</summary>
    public int Number { get; }

    /// <summary>What is put on.</summary>
    public IReadOnlyList<Correction> All { get; }

    /// <summary>What is known of something, or of its family; none where the book stands.</summary>
    /// <param name="key">Of what.</param>
    public Correction? Find(CorrectionKey key) => _byKey.GetValueOrDefault(key) ?? _byKey.GetValueOrDefault(key.Family);

    /// <summary>The same as a figure to multiply by or to add; none where the book stands.</summary>
    /// <param name="key">Of what.</param>
    public Constant? Of(CorrectionKey key) => _byKey.Count == 0 || Find(key) is not { IsBook: false } known ? null : known.AsConstant();
}
