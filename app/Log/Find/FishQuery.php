<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Contract\Fault;
use App\Fish\Piece;
use App\Hold\Kept\KeptLeaving;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Role;
use App\Log\Ledger\LoggedFish;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Sectum\Hold\Kept\LeavesAs;
use Sectum\Log\Find\Asked;
use Sectum\Log\Find\AskedInWords;
use Sectum\Log\Find\Named;
use Sectum\Measure\Mass;

/** Which fish are sought: what was chosen, and what was typed in words beside it. */
final readonly class FishQuery
{
    /** Points of yield above what fish of its kind and size give here. */
    public const OFF = 'yield_pct - (logged_groups.at_kilo + logged_groups.slope * doublings)';

    private const COLUMNS = [
        'species' => 'logged_fish.species_id',
        'state' => 'logged_fish.state',
        'supplier' => 'supplier_id',
        'cutter' => 'cutter_id',
        'method' => 'method',
        'lot' => 'lot',
    ];

    /**
     * @param  array<string, list<string>>  $names  ids by kind, chosen and typed
     * @param  array<string, string>  $chosen  what was chosen, as it was asked
     */
    private function __construct(
        private Person $person,
        public Asked $asked,
        private array $names,
        private array $chosen,
        private KnownNames $known,
    ) {
    }

    /** @param  array<array-key, mixed>  $query  of the address */
    public static function of(array $query, Person $person): self
    {
        $chosen = [];
        foreach ($query as $name => $one) {
            if (is_string($one) && trim($one) !== '') {
                $chosen[(string) $name] = trim($one);
            }
        }
        $known = new KnownNames($person);
        $today = Moment::day(now());
        $asked = isset($chosen['q'])
            ? AskedInWords::read($chosen['q'], $known->vocabulary(), $today, $person->units)
            : new Asked();
        $names = $asked->names;
        foreach (Named::cases() as $kind) {
            if (isset($chosen[$kind->value])) {
                $names[$kind->value] = explode(',', $chosen[$kind->value]);
            }
        }
        if ($person->role !== Role::HeadChef && array_diff($names[Named::Cutter->value] ?? [], [$person->id]) !== []) {
            throw Fault::notAllowed('The head chef and the cutter himself see what a hand does.');
        }

        return new self($person, $asked, $names, $chosen, $known);
    }

    /** Rows of the ledger that are sought, each with what is expected of its kind. */
    public function rows(): Builder
    {
        return $this->sought(LoggedFish::expected());
    }

    /** How many they are; nothing is expected of them to count them. */
    public function count(): int
    {
        return $this->sought(LoggedFish::rows())->count();
    }

    private function sought(Builder $rows): Builder
    {
        foreach (self::COLUMNS as $kind => $column) {
            if (isset($this->names[$kind])) {
                $rows->whereIn($column, $this->names[$kind]);
            }
        }
        foreach (['dishes' => $this->names[Named::Dish->value] ?? [], 'answers' => $this->answers()] as $in => $codes) {
            if ($codes !== []) {
                $rows->where(function (Builder $any) use ($in, $codes): void {
                    foreach ($codes as $code) {
                        $any->orWhereRaw("{$in} like ? escape '\\'", ['% '.addcslashes($code, '%_\\').' %']);
                    }
                });
            }
        }
        $this->bounded($rows);

        return $rows;
    }

    /** Those that say something of yields: cut, with an expectation, and not suspect. */
    public function measured(): Builder
    {
        return $this->rows()->whereNotNull('logged_groups.at_kilo')->whereNull('suspect');
    }

    /** @return list<array{key: string, name: string}> what is sought, to be read and taken off again */
    public function said(): array
    {
        $said = [];
        $words = Words::ofReader();
        foreach ($this->names as $kind => $ids) {
            $said[] = ['key' => $kind, 'name' => implode(', ', $this->known->called($kind, $ids))];
        }
        $days = fn (DateTimeImmutable $day): string => $day->format('j M Y');
        foreach (
            [
                'from' => $this->day('from', $this->asked->from),
                'until' => $this->day('until', $this->asked->until),
            ] as $key => $day
        ) {
            if ($day !== null) {
                $said[] = ['key' => $key, 'name' => ($key === 'from' ? 'since ' : 'until ').$days($day)];
            }
        }
        foreach (['over' => $this->asked->over, 'under' => $this->asked->under] as $key => $typed) {
            $mass = $this->mass($key, $typed);
            if ($mass !== null) {
                $said[] = ['key' => $key, 'name' => "{$key} {$words->text($mass)}"];
            }
        }
        foreach ($this->answers() as $answer) {
            $said[] = ['key' => 'answer', 'name' => $this->known->answer($answer)];
        }
        if ($this->asked->number !== null) {
            $said[] = ['key' => 'number', 'name' => "no. {$this->asked->number}"];
        }
        if (isset($this->chosen['service'])) {
            $said[] = ['key' => 'service', 'name' => "served {$this->chosen['service']}"];
        }

        return $said;
    }

    /** Whether nothing is sought in particular. */
    public function isForAll(): bool
    {
        return $this->said() === [] && $this->asked->rest === '';
    }

    public function known(): KnownNames
    {
        return $this->known;
    }

    private function bounded(Builder $rows): void
    {
        $from = $this->day('from', $this->asked->from);
        $until = $this->day('until', $this->asked->until);
        foreach (['>=' => $from, '<=' => $until] as $sign => $day) {
            if ($day !== null) {
                $rows->whereRaw("coalesce(cut_on, received_on) {$sign} ?", [$day->format('Y-m-d')]);
            }
        }
        $over = $this->mass('over', $this->asked->over);
        $under = $this->mass('under', $this->asked->under);
        if ($over !== null) {
            $rows->where('each_mg', '>=', $over->milligrams);
        }
        if ($under !== null) {
            $rows->where('each_mg', '<', $under->milligrams);
        }
        if ($this->asked->number !== null) {
            $rows->where('number', $this->asked->number);
        }
        if ($this->asked->rest !== '') {
            $this->byWords($rows, $this->asked->rest);
        }
        if (isset($this->chosen['service'])) {
            $this->servedAt($rows, $this->chosen['service']);
        }
    }

    /** Words nobody is called by may still stand in the name of a kind or a supplier. */
    private function byWords(Builder $rows, string $rest): void
    {
        $rows->where(function (Builder $any) use ($rest): void {
            $like = '%'.addcslashes($rest, '%_\\').'%';
            foreach (['species_id' => 'species', 'supplier_id' => 'suppliers'] as $column => $table) {
                $any->orWhereIn(
                    "logged_fish.{$column}",
                    fn (Builder $ids) => $ids->from($table)->select('id')->whereRaw("name like ? escape '\\'", [$like]),
                );
            }
            $any->orWhereRaw("lot like ? escape '\\'", [$like]);
        });
    }

    /** Fish of which portions were served at a service: "2026-11-26 evening", or on a day. */
    private function servedAt(Builder $rows, string $service): void
    {
        preg_match('/^(\d{4}-\d{2}-\d{2})(?: (midday|evening))?$/', $service, $m) === 1 ||
            throw Fault::inField('/service', 'A service is a day, and midday or evening: 2026-11-26 evening.');
        $begins = Moment::written(Moment::at($m[1])->setTime((int) Moment::at($m[1])->format('G') + 4, 0));
        $rows->whereIn('fish_id', Piece::query()
            ->toBase()
            ->select('fish_id')
            ->join('kept_lots', 'kept_lots.tray_id', 'pieces.batch_id')
            ->whereIn('kept_lots.id', KeptLeaving::rows()
                ->select('lot_id')
                ->where('how', LeavesAs::Served->value)
                ->when(isset($m[2]), fn (Builder $some) => $some->where('service', $m[2] ?? ''))
                ->where('left_at', '>=', $begins)
                ->where('left_at', '<', Moment::written(Moment::at($begins)->modify('+1 day')))));
    }

    /** @return list<string> "question:option" */
    private function answers(): array
    {
        return isset($this->chosen['answer']) ? explode(',', $this->chosen['answer']) : [];
    }

    private function day(string $key, ?DateTimeImmutable $typed): ?DateTimeImmutable
    {
        $day = $this->chosen[$key] ?? null;
        if ($day === null) {
            return $typed;
        }
        preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]) ||
            throw Fault::inField("/{$key}", 'Type a day like 2026-11-26.');

        return Moment::at($day);
    }

    private function mass(string $key, ?Mass $typed): ?Mass
    {
        return isset($this->chosen[$key])
            ? Fault::at("/{$key}", fn (): Mass => Mass::parse($this->chosen[$key], $this->person->units))
            : $typed;
    }
}
