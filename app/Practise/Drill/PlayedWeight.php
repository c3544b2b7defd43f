<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use Illuminate\Support\Facades\Auth;
use Sectum\Measure\Mass;
use Sectum\Measure\UnitSystem;
use Sectum\Practise\Dice;
use Sectum\Practise\Gate\Guess;
use Sectum\Practise\Weigh\Edge;
use Sectum\Practise\Weigh\PieceToWeigh;
use Sectum\Practise\Weigh\WeighDrill;
use Sectum\Practise\Weigh\WeighedKind;
use Sectum\Practise\Weigh\WeighResult;

/** Pieces to scale on the screen, weighed by eye. */
final readonly class PlayedWeight implements Played
{
    private function __construct(private WeighDrill $drill)
    {
    }

    /** @return list<string> */
    public static function subjects(): array
    {
        return array_column(WeighedKind::cases(), 'value');
    }

    public static function drawn(Dice $dice, string $subject): self
    {
        return new self(WeighDrill::drawn(
            $dice,
            WeighedKind::tryFrom($subject) ?? throw Fault::inField('/subject', 'Nothing is weighed so.'),
        ));
    }

    public function stamp(): string
    {
        return $this->drill->kind->value;
    }

    /** @return list<PieceToWeigh> */
    public function pieces(): array
    {
        return $this->drill->pieces;
    }

    public function shown(Words $words, array $moves): array
    {
        return [
            'kind' => $this->drill->kind->value,
            'pieces' => array_map(
                fn (PieceToWeigh $piece): array => [
                    'shape' => $piece->shape,
                    'outline' => array_map(
                        fn (Edge $edge): array => [$edge->cm, $edge->wideCm, $edge->mm],
                        $piece->outline,
                    ),
                ],
                $this->drill->pieces,
            ),
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $person = Auth::user();
        $units = $person instanceof Person ? $person->units : UnitSystem::Metric;
        $guesses = [];
        foreach ($answer->strings('guesses') as $i => $typed) {
            $guesses[] = Fault::at("/guesses/{$i}", fn (): Mass => Mass::parse($typed, $units));
        }
        $result = Fault::within('', fn (): WeighResult => $this->drill->judged($guesses));

        return new Judged(
            $result->scorePct,
            [
                'pieces' => array_map(
                    fn (Guess $guess): array => [
                        'guess' => $words->text($guess->guessed),
                        'weighs' => $words->text($guess->true),
                        'off_pct' => round($guess->errorPct(), 1),
                        'score_pct' => round(WeighDrill::scoreOf($guess)),
                    ],
                    $result->guesses,
                ),
                'bias_pct' => round(
                    array_sum(array_map(fn (Guess $guess): float => $guess->errorPct(), $result->guesses)) /
                        count($result->guesses),
                    1,
                ),
            ],
            weights: $result,
        );
    }
}
