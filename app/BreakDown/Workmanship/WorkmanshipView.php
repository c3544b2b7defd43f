<?php

declare(strict_types=1);

namespace App\BreakDown\Workmanship;

use App\BreakDown\Bones\BonePass;
use App\BreakDown\Yields\YieldRemarks;
use App\Fish\CutFrom;
use App\Fish\Finding;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Reading;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Sectum\BreakDown\Workmanship\LastFish;
use Sectum\BreakDown\Workmanship\Mark;
use Sectum\BreakDown\Workmanship\ShortBy;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Receive\FindKind;

/** Who cut each side and how it looks; and in what the last fish of whoever stands here fell short. */
final readonly class WorkmanshipView
{
    /** @return Answer */
    public static function of(Fish $fish, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);

        return [
            'marks' => array_map(
                fn (Mark $mark): array => [
                    'mark' => $mark->value,
                    'name' => $mark->spoken(),
                    'grades' => $mark->grades(),
                ],
                Mark::cases(),
            ),
            'sides' => self::sides($fish),
            'fell_short' => array_map(
                fn (Message $short): array => [
                    'code' => $short->code->value,
                    'say' => $words->say($short),
                    'actions' => $short->code instanceof ShortBy ? $short->code->actions() : [],
                ],
                self::lastOf($fish, $person, $words)?->fellShortBy() ?? [],
            ),
        ];
    }

    /** @return list<Answer> each side with who cut it: who said so, else who recorded its weight */
    public static function sides(Fish $fish): array
    {
        $said = SideWork::of($fish);
        $names = Person::query()->pluck('name', 'id');

        return array_map(function (Piece $piece) use ($said, $names): array {
            $one = $said[$piece->id] ?? null;
            $by = $one['cut_by'] ?? $piece->reading()->taken_by ?? '';
            $name = $names[$by] ?? '';

            return [
                'piece' => $piece->id,
                'name' => $piece->name,
                'cut_by' => ['id' => $by, 'name' => is_string($name) ? $name : ''],
                'by_default' => ($one['cut_by'] ?? null) === null,
                'marks' => array_map(
                    fn (Mark $mark): array => ['mark' => $mark->value, 'grade' => $one['marks'][$mark->value] ?? null],
                    Mark::cases(),
                ),
                'judged' => $one === null || $one['marks'] === [] ? null : "{$one['by']}, ".Moment::hour($one['at']),
            ];
        }, CutFrom::sides($fish));
    }

    /** The fish of this body form somebody cut last, if any but this. */
    private static function lastOf(Fish $fish, Person $person, Words $words): ?LastFish
    {
        $row = Row::maybe(
            Reading::rows()
                ->join('pieces', 'pieces.id', 'readings.piece_id')
                ->join('fish', 'fish.id', 'pieces.fish_id')
                ->join('species', 'species.id', 'fish.species_id')
                ->leftJoin('reading_voids', 'reading_voids.reading_id', 'readings.id')
                ->whereNull('reading_voids.reading_id')
                ->where('readings.taken_by', $person->id)
                ->where('species.form', $fish->species->form->value)
                ->where('fish.id', '!=', $fish->id)
                ->where('fish.broken_down', true)
                ->whereIn(
                    'pieces.part',
                    array_map(
                        fn (Part $part): string => $part->value,
                        array_filter(Part::cases(), fn (Part $part): bool => $part->isFillet()),
                    ),
                )
                ->orderByDesc('readings.seq')
                ->limit(1)
                ->first(['fish.id']),
        );
        if ($row === null) {
            return null;
        }
        $last = Fish::onTheBench($row->text('id'));
        $saying = new YieldRemarks($last, $words, Settings::load(), false);
        $skin = $last->pieces->filter(
            fn (Piece $piece): bool => $piece->part === Part::Skin && $piece->reading() !== null,
        );
        $marks = [];
        foreach (SideWork::of($last) as $one) {
            foreach ($one['marks'] as $code => $grade) {
                $marks[$code] = max($marks[$code] ?? 0, $grade);
            }
        }

        return new LastFish(
            $last->mass(),
            $saying->leftOnFrame()?->left,
            $saying->twoSides(),
            $skin->isEmpty()
                ? null
                : Mass::ofMilligrams($skin->sum(fn (Piece $piece): int => $piece->reading()->mass_mg ?? 0)),
            $last->species->expected($last->state)[Part::Skin->value] ?? null,
            $marks,
            self::foundLater($last),
            Finding::rows()->where('fish_id', $last->id)->where('kind', FindKind::Gall->value)->exists(),
        );
    }

    /** Bones that turned up only while it was portioned. */
    private static function foundLater(Fish $fish): int
    {
        $found = [];
        $later = 0;
        foreach (Row::all(BonePass::rows()->where('fish_id', $fish->id)->orderBy('rowid')->get()) as $row) {
            $piece = $row->text('piece_id');
            if ($row->text('later') === '1') {
                $later += max(0, (int) $row->number('found') - ($found[$piece] ?? 0));
            }
            $found[$piece] = (int) $row->number('found');
        }

        return $later;
    }
}
