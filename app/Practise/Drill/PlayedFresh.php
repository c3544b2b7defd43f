<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\FreshnessWeight;
use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;
use Sectum\Practise\Dice;
use Sectum\Practise\Fresh\FreshDrill;
use Sectum\Practise\Fresh\FreshResult;
use Sectum\Practise\Fresh\Lot;
use Sectum\Practise\Fresh\LotJudged;
use Sectum\Receive\Attribute;
use Sectum\Receive\Verdict;

/** Lots at the door, drawn by the inspection's own drawings, graded and decided on by the house's scheme. */
final readonly class PlayedFresh implements Played
{
    /** @param  array<string, float>  $weights */
    private function __construct(private Species $species, private array $weights, private FreshDrill $drill)
    {
    }

    /** @return list<string> fat classes: what a sign counts is set by them */
    public static function subjects(): array
    {
        return array_column(FatClass::cases(), 'value');
    }

    public static function drawn(Dice $dice, string $subject): self
    {
        $all = array_values(Species::query()->where('fat', $subject)->orderBy('name')->get()->all());
        $species = $all === []
            ? throw Fault::inField('/subject', 'No fish known here is such.')
            : $dice->for('species')->one($all);
        $weights = FreshnessWeight::of($species);

        return new self(
            $species,
            $weights,
            FreshDrill::drawn($dice, $species->fat, StateBought::Gutted, $weights),
        );
    }

    public function stamp(): string
    {
        return json_encode([$this->species->id, $this->species->fat->value, $this->weights], JSON_THROW_ON_ERROR);
    }

    public function shown(Words $words, array $moves): array
    {
        return [
            'species' => $this->species->name,
            'lots' => array_map(
                fn (Lot $lot): array => [
                    'signs' => array_map(
                        fn (string $code, int $grade): array => [
                            'attribute' => $code,
                            'name' => Attribute::from($code)->spoken(),
                            'look' => Attribute::from($code)->looks()[$grade] ?? '',
                            'says' => Attribute::from($code)->grades()[$grade] ?? '',
                        ],
                        array_keys($lot->looks->grades),
                        $lot->looks->grades,
                    ),
                ],
                $this->drill->lots,
            ),
            'verdicts' => array_map(
                fn (Verdict $verdict): array => ['verdict' => $verdict->value, 'name' => $verdict->spoken()],
                Verdict::cases(),
            ),
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $lots = [];
        foreach ($answer->list('lots') as $i => $one) {
            $lots[] = Fault::within(
                "/lots/{$i}",
                fn (): LotJudged => new LotJudged(
                    array_map(intval(...), $one->numbers('grades')),
                    Verdict::from($one->string('verdict')),
                    Attribute::from($one->string('decides')),
                    $one->int('sure_pct'),
                ),
            );
        }
        $result = Fault::within('', fn (): FreshResult => $this->drill->judged($lots));

        return new Judged($result->scorePct, [
            'lots' => array_map(
                fn (Lot $lot, LotJudged $said): array => [
                    'grades' => $lot->looks->grades,
                    'said' => $said->grades,
                    'verdict' => $lot->judged->verdict->value,
                    'verdict_said' => $said->verdict->value,
                    'spoken' => $lot->judged->verdict->spoken(),
                    'decides' => $lot->decides->value,
                    'decides_said' => $said->decides->value,
                    'reasons' => $lot->judged->reasons,
                ],
                $this->drill->lots,
                $lots,
            ),
            'right' => $result->right,
            'sure_pct' => round($result->surePct),
            'brier' => round($result->brier, 3),
        ]);
    }
}
