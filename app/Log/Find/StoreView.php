<?php

declare(strict_types=1);

namespace App\Log\Find;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** A search is saved, renamed or taken off the list; everybody has his own. */
final readonly class StoreView
{
    /** Views one person keeps. */
    private const MOST = 40;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $fields, $person): void {
            $known = LogView::query()->find($id);
            $known === null || $known->person_id === $person->id || throw Fault::notThere('There is no such view.');
            $what = ['name' => trim($fields->string('name')), 'query' => $fields->string('query')];
            $what['name'] !== '' || throw Fault::inField('/name', 'Give it a name.');
            if ($known === null) {
                LogView::query()->where('person_id', $person->id)->whereNull('retired_at')->count() < self::MOST ||
                    throw Fault::inField('/name', 'Remove one first: forty are kept.');
                LogView::query()->create(['id' => $id, 'person_id' => $person->id, ...$what]);

                return;
            }
            $known->fill($what);
            if ($known->isDirty()) {
                Fault::unlessLatest("“{$known->name}”", $fields->int('version', 0), $known->version);
                $known->fill(['version' => $known->version + 1])->save();
            }
        });
    }

    public function retire(string $id, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $version, $person): void {
            $known = LogView::query()->where('person_id', $person->id)->find($id) ??
                throw Fault::notThere('There is no such view.');
            if ($known->retired_at === null) {
                Fault::unlessLatest("“{$known->name}”", $version, $known->version);
                $known->fill([
                    'retired_at' => Moment::written($this->clock->now()),
                    'version' => $known->version + 1,
                ])->save();
            }
        });
    }

    /** @return list<array{id: string, name: string, query: string, version: int}> */
    public static function of(Person $person): array
    {
        $views = [];
        foreach (
            LogView::query()->where('person_id', $person->id)->whereNull('retired_at')->orderBy('name')->get() as $view
        ) {
            $views[] = [
                'id' => $view->id,
                'name' => $view->name,
                'query' => $view->query,
                'version' => $view->version,
            ];
        }

        return $views;
    }
}
