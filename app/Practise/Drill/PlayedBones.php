<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use Sectum\Fish\PinBoneRow;
use Sectum\Practise\Bones\BonesDrill;
use Sectum\Practise\Bones\BonesResult;
use Sectum\Practise\Bones\PinBone;
use Sectum\Practise\Bones\Touch;
use Sectum\Practise\Dice;
use Sectum\Practise\Level;

/** A side of a fish the catalogue knows, stroked and tapped for its bones. */
final readonly class PlayedBones implements Played
{
    private function __construct(private Species $species, private BonesDrill $drill)
    {
    }

    /** @return list<string> rows of bones; many rows only for who may cut such fish */
    public static function subjects(Level $level): array
    {
        return [
            PinBoneRow::Short->value,
            PinBoneRow::Long->value,
            ...$level->hasManyBones() ? [PinBoneRow::ManyBoned->value] : [],
        ];
    }

    public static function drawn(Dice $dice, string $subject): self
    {
        $all = array_values(
            Species::query()
                ->where('pin_row', $subject)
                ->where('pin_count', '>=', 4)
                ->orderBy('name')
                ->get()
                ->all(),
        );
        $species = $all === []
            ? throw Fault::inField('/subject', 'No fish known here has such bones.')
            : $dice->for('species')->one($all);

        return new self(
            $species,
            BonesDrill::drawn(
                $dice,
                $species->pin_row,
                $species->pin_count,
                $species->pin_sd,
                $species->pin_reach_pct,
            ),
        );
    }

    public function stamp(): string
    {
        return json_encode(
            [$this->species->id, $this->species->pin_count, $this->species->pin_sd, $this->species->pin_reach_pct],
            JSON_THROW_ON_ERROR,
        );
    }

    public function shown(Words $words, array $moves): array
    {
        $usual = $this->species->pin_count;
        $sd = $this->species->pin_sd;

        return [
            'species' => $this->species->name,
            'rows' => $this->species->pin_row === PinBoneRow::ManyBoned ? 3 : 1,
            'usual_low' => max(0, (int) round($usual - $sd)),
            'usual_high' => (int) round($usual + $sd),
            'strokes' => count($moves),
        ];
    }

    public function moved(Fields $move, int $number, array $moves): array
    {
        [$from, $to] = $move->pairs('stroke') + [null, null];
        $from !== null && $to !== null || throw Fault::inField('/stroke', 'A stroke goes from one place to another.');
        $felt = Fault::within(
            '',
            fn (): array => $this->drill->felt(
                new Touch(...$from),
                new Touch(...$to),
                $move->number('seconds', 1),
                $number,
            ),
        );

        return [
            'felt' => array_map(
                fn (Touch $one): array => [round($one->along, 4), round($one->across, 3)],
                $felt,
            ),
        ];
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $result = Fault::within(
            '',
            fn (): BonesResult => $this->drill->judged(
                array_map(fn (array $at): Touch => new Touch(...$at), $answer->pairs('taps')),
            ),
        );
        $missed = array_map(fn (PinBone $bone): float => $bone->along, $result->missed);

        return new Judged(
            $result->scorePct,
            [
                'bones' => array_map(
                    fn (PinBone $bone): array => [
                        'along' => round($bone->along, 4),
                        'across' => round($bone->across, 3),
                        'broken' => $bone->broken,
                        'missed' => in_array($bone->along, $missed, true),
                    ],
                    $this->drill->bones,
                ),
                'taps' => $answer->pairs('taps'),
                'beside' => $result->beside,
                'found' => $result->found(),
                'missed' => count($result->missed),
            ],
            bones: $result,
        );
    }
}
