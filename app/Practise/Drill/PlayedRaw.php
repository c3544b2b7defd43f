<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use Sectum\Hold\Point;
use Sectum\Message;
use Sectum\Practise\Dice;
use Sectum\Practise\Raw\FishAsked;
use Sectum\Practise\Raw\Judgement;
use Sectum\Practise\Raw\RawCase;
use Sectum\Practise\Raw\RawDrill;
use Sectum\Practise\Raw\RawResult;
use Sectum\Practise\Raw\Ruling;
use Sectum\Receive\Freshness;

/** Dishes and their papers: may it be served so, and by which rule. */
final readonly class PlayedRaw implements Played
{
    private function __construct(private RawDrill $drill)
    {
    }

    /** @return list<string> one subject: all of it is one skill */
    public static function subjects(): array
    {
        return ['evidence'];
    }

    public static function drawn(Dice $dice): self
    {
        $fish = array_map(
            fn (Species $one): FishAsked => new FishAsked($one->name, $one->scientific, $one->hazardList()),
            array_values(Species::query()->whereNotNull('scientific')->orderBy('name')->get()->all()),
        );

        return new self(RawDrill::drawn(
            $dice,
            $fish === [] ? throw Fault::inField('/subject', 'No fish is known here.') : $fish,
        ));
    }

    public function stamp(): string
    {
        return json_encode(
            array_map(
                fn (RawCase $case): array => [$case->fish->name, $case->served->value, $case->ruling->value],
                $this->drill->cases,
            ),
            JSON_THROW_ON_ERROR,
        );
    }

    public function shown(Words $words, array $moves): array
    {
        $points = fn (array $line): array => array_map(
            fn (Point $point): array => [$point->minute / 60, $point->celsius],
            array_values(array_filter($line, fn (mixed $one): bool => $one instanceof Point)),
        );

        return [
            'cases' => array_map(
                fn (RawCase $case): array => [
                    'fish' => $case->fish->name,
                    'served' => $case->served->spoken(),
                    'paper' => $case->paper,
                    'rule' => $case->rule === null ? null : $words->say(new Message($case->rule)),
                    'level_c' => $case->rule?->celsius(),
                    'needed_h' => $case->rule === null ? null : $case->rule->neededMinutes() / 60,
                    'air' => $points($case->air),
                    'core' => $points($case->core),
                ],
                $this->drill->cases,
            ),
            'rulings' => array_map(
                fn (Ruling $ruling): array => [
                    'ruling' => $ruling->value,
                    'says' => $words->say(new Message($ruling)),
                ],
                Ruling::cases(),
            ),
            'check' => Freshness::CHECK,
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $said = array_map(
            fn (Fields $one): Judgement => new Judgement($one->bool('may'), Ruling::from($one->string('ruling'))),
            $answer->list('cases'),
        );
        $result = Fault::within('', fn (): RawResult => $this->drill->judged($said));

        return new Judged($result->scorePct, [
            'cases' => array_map(
                fn (RawCase $case, Judgement $mine, float $points): array => [
                    'may' => $case->ruling->allows(),
                    'ruling' => $case->ruling->value,
                    'says' => $words->say(new Message($case->ruling)),
                    'may_said' => $mine->may,
                    'ruling_said' => $mine->ruling->value,
                    'points' => $points,
                ],
                $this->drill->cases,
                $said,
                $result->points,
            ),
        ]);
    }
}
