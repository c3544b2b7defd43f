<?php

declare(strict_types=1);

namespace App\Log\Cutter;

use App\BreakDown\Bones\BonePass;
use App\BreakDown\Workmanship\SideWork;
use App\Contract\Fault;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Effects\Told;
use App\Log\Find\FishQuery;
use App\Log\Ledger\LoggedFish;
use App\Log\Ledger\Stroke;
use App\Portion\Hand\Hand;
use Sectum\BreakDown\Workmanship\Mark;
use Sectum\Log\Cutter\LearningCurve;
use Sectum\Log\Effects\BestLevel;
use Sectum\Measure\Mass;

/** What a hand does, for the head chef and for whoever's hand it is; never a list from best to worst. */
final readonly class CutterView
{
    /** Fish over which marks, bones and minutes are told. */
    private const LATEST = 100;

    public function __construct(private Person $reader)
    {
    }

    /** @return Answer everybody who cut a fish, by name; a cutter finds only himself */
    public function all(): array
    {
        $ids = LoggedFish::rows()->whereNotNull('cutter_id')->distinct()->pluck('cutter_id')->all();
        $people = Person::query()
            ->whereKey($ids)
            ->when($this->reader->role !== Role::HeadChef, fn ($own) => $own->whereKey($this->reader->id))
            ->orderBy('name')
            ->get();
        $told = Told::of(FishQuery::of([], $this->reader));
        $linked = $told->linked('cutter');
        $spreads = in_array('cutter', $told->factors, true) ? $told->spreads()['cutter'] ?? null : null;

        return [
            'cutters' => array_map(fn (Person $one): array => [
                ...$this->one($one),
                'yield' => $spreads === null || ! isset($linked[$one->id])
                    ? null
                    : Stroke::of(BestLevel::againstAll($spreads, $linked, $one->id), 2),
            ], array_values($people->all())),
        ];
    }

    /** @return Answer one hand and how it learned */
    public function of(string $id): array
    {
        $this->reader->id === $id ||
            $this->reader->role === Role::HeadChef ||
            throw Fault::notAllowed('The head chef and the cutter himself see what a hand does.');
        $person = Person::query()->find($id) ?? throw Fault::notThere('There is nobody of that name here.');
        $rows = Row::all(
            FishQuery::of(['cutter' => $id], $this->reader)
                ->measured()
                ->orderBy('number')
                ->selectRaw('fish_id, number, minutes, each_mg, '.FishQuery::OFF.' as off')
                ->get(),
        );
        $minutes = array_values(array_filter($rows, fn (Row $row): bool => $row->number('minutes') > 0));

        return [
            ...$this->one($person),
            'learning' => self::curve(array_map(fn (Row $row): float => $row->number('off'), $rows), 2),
            'pace' => self::curve(array_map(
                fn (Row $row): float => $row->number('minutes') / max(0.1, $row->number('each_mg') / 1e6),
                $minutes,
            ), 1),
            'fewest' => LearningCurve::FEWEST,
        ];
    }

    /**
     * @param  list<float>  $seen  in order
     * @return Answer|null null while too few fish say anything
     */
    private static function curve(array $seen, int $digits): ?array
    {
        $curve = LearningCurve::of($seen);

        return $curve === null
            ? null
            : [
                'fish' => $curve->fish,
                'points' => array_map(fn (float $one): float => round($one, $digits), $seen),
                'curve' => array_map(fn (float $one): float => round($one, $digits + 1), $curve->curve),
                'first' => Stroke::of($curve->first, $digits),
                'now' => Stroke::of($curve->now, $digits),
                'gained' => Stroke::of($curve->gained, $digits),
                'surely' => round(1 - $curve->gained->below(0.0), 3),
            ];
    }

    /** @return Answer */
    private function one(Person $person): array
    {
        $latest = LoggedFish::rows()
            ->where('cutter_id', $person->id)
            ->where('step', '!=', '')
            ->orderByDesc('number')
            ->limit(self::LATEST)
            ->get(['fish_id', 'count', 'minutes', 'each_mg', 'whole_mg']);
        $rows = Row::all($latest);
        $fish = array_map(fn (Row $row): string => $row->text('fish_id'), $rows);
        $timed = array_filter($rows, fn (Row $row): bool => $row->number('minutes') > 0);
        $kilos = array_sum(array_map(fn (Row $row): float => $row->number('each_mg') / 1e6, $timed));
        $minutes = array_sum(array_map(fn (Row $row): float => $row->number('minutes'), $timed));
        $hand = Hand::of($person);
        $scatter = $hand->sigmaGrams;

        return [
            'person' => $person->id,
            'name' => $person->name,
            'fish' => count($fish),
            'scatter' => $scatter === null ? null : Words::ofReader()->text(Mass::ofGrams($scatter)),
            'pieces' => $hand->pieces,
            'bones_later' => BonePass::rows()
                ->whereIn('fish_id', $fish)
                ->where('later', true)
                ->where('found', '>', 0)
                ->distinct()
                ->count('fish_id'),
            'minutes_per_kg' => $kilos > 0 ? round($minutes / $kilos, 1) : null,
            'marks' => self::marks($person, $fish),
        ];
    }

    /**
     * Sides that were judged, and how many show a mark of two or three.
     *
     * @param  list<string>  $fish
     * @return array{sides: int, hack: int, torn: int, broken: int}
     */
    private static function marks(Person $person, array $fish): array
    {
        $sides = [];
        $rows = SideWork::rows()->whereIn('fish_id', $fish)->orderBy('rowid')->get(['piece_id', 'cut_by', 'marks']);
        foreach (Row::all($rows) as $row) {
            $piece = $row->text('piece_id');
            $by = $row->text('cut_by');
            $sides[$piece] = [
                'by' => $by === '' ? $sides[$piece]['by'] ?? '' : $by,
                'marks' => [...$sides[$piece]['marks'] ?? [], ...(array) json_decode($row->text('marks'), true)],
            ];
        }
        // A side of his fish that somebody else is said to have cut is that other's.
        $own = array_filter($sides, fn (array $one): bool => $one['by'] === '' || $one['by'] === $person->id);
        $bad = fn (Mark $mark): int => count(
            array_filter($own, fn (array $one): bool => ($one['marks'][$mark->value] ?? 0) >= 2),
        );

        return [
            'sides' => count(array_filter($own, fn (array $one): bool => $one['marks'] !== [])),
            'hack' => $bad(Mark::Hack),
            'torn' => $bad(Mark::Torn),
            'broken' => $bad(Mark::Broken),
        ];
    }
}
