using RoundCrumb.Core.Cutting;
using RoundCrumb.Core.Methods;
using RoundCrumb.Core.Working;

namespace RoundCrumb.Core.Practice;

/// <summary>What is practised.</summary>
public enum ExerciseKind
{
    /// <summary>Too little, right or too much, by a drawing.</summary>
    ReadTheWork,

    /// <summary>Grams of a cup or a spoon.</summary>
    CupWeighs,

    /// <summary>Which of three sets a drawn slice is.</summary>
    ReadTheCut,

    /// <summary>Dough for some pans.</summary>
    HowMuchDough,

    /// <summary>Whether a batch fits a pan.</summary>
    WillItFit,

    /// <summary>Which figure of a recipe cannot be right.</summary>
    WrongFigure,

    /// <summary>Steps in their order.</summary>
    OrderOfSteps,

    /// <summary>Crust and seal for a filling.</summary>
    ChooseTheCrust,

    /// <summary>What is late, and by how much.</summary>
    RunningLate,
}

/// <summary>What is known of each kind of exercise.</summary>
public static class ExerciseKinds
{
    extension(ExerciseKind kind)
    {
        /// <summary>What it is called.</summary>
        public string Name => kind switch
        {
            ExerciseKind.ReadTheWork => "Read the work",
            ExerciseKind.CupWeighs => "What does it weigh?",
            ExerciseKind.ReadTheCut => "Read the cut",
            ExerciseKind.HowMuchDough => "How much dough?",
            ExerciseKind.WillItFit => "Will it fit?",
            ExerciseKind.WrongFigure => "Which can’t be right?",
            ExerciseKind.OrderOfSteps => "What comes when?",
            ExerciseKind.ChooseTheCrust => "Which crust?",
            ExerciseKind.RunningLate => "Running late",
        };
    }
}

/// <summary>A question with answers to choose from, one of which is right.</summary>
/// <param name="Kind">What is practised.</param>
/// <param name="Seed">What it is made from: the same seed and level make the same question.</param>
/// <param name="Level">From 1, easy, to <see cref="Exercises.MostLevel"/>.</param>
/// <param name="Asks">The question.</param>
/// <param name="Choices">The answers.</param>
/// <param name="Right">Which of them is right, from 0.</param>
/// <param name="Because">Why, in a sentence.</param>
/// <param name="Working">The figures behind it, each with its working.</param>
public sealed record Exercise(
    ExerciseKind Kind, int Seed, int Level, Phrase Asks, IReadOnlyList<Phrase> Choices, int Right, Phrase Because,
    IReadOnlyList<IWorked> Working)
{
    /// <summary>What is drawn; none where there is nothing to look at.</summary>
    public (Technique Technique, Taken Taken)? Drawn { get; init; }

    /// <summary>How the slice that is drawn stands; none where no slice is.</summary>
    public SliceStand? Cut { get; init; }

    /// <summary>For numbers, what each choice comes to; none for words.</summary>
    public IReadOnlyList<double> Amounts { get; init; } = [];
}
