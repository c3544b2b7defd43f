<?php

declare(strict_types=1);

namespace Database\Seed\Demo;

use App\Contract\Fields;
use App\Devices\SimulatedLogger;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Hold\Exposure\Clocks;
use App\Hold\Freezing\StartRun;
use App\Hold\Kept\KeptTray;
use App\Hold\Kept\LotMove;
use App\Hold\Places\KeepTemperatures;
use App\Hold\Places\Place;
use App\Hold\Places\StorePlace;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Sectum\Hold\Logger\Sample;
use Sectum\Hold\Places\PlaceKind;
use Sectum\Measure\Temperature;

/** The demo's cold places with three days of temperatures, and what freezes in them. */
final readonly class Cold
{
    /** Name, kind, limits, hours between readings by hand, trays, air, channel of the logger. */
    private const PLACES = [
        ['Cold room', 'cold-room', '0', '5', 12, 60, null, 'cold room'],
        ['Fish drawers on ice', 'ice', '-1', '2', 6, 12, null, ''],
        ['Kitchen, over the board', 'kitchen', '', '', 12, null, null, ''],
        ['Freezer', 'freezer', '', '-18', 12, 40, 'moving-air', 'freezer'],
        ['Blast chiller', 'blast', '', '', 12, 10, 'blast', 'blast chiller'],
    ];

    private const DAYS = 3;

    public function __construct(
        private StorePlace $store,
        private KeepTemperatures $keep,
        private StartRun $start,
        private Clocks $clocks,
    ) {
    }

    /** @param  list<Person>  $crew */
    public function places(array $crew): void
    {
        foreach (self::PLACES as [$name, $kind, $lowest, $highest, $every, $trays, $air, $channel]) {
            ($this->store)(
                (string) Str::ulid(),
                new Fields([
                    'name' => $name,
                    'kind' => $kind,
                    'lowest' => $lowest,
                    'highest' => $highest,
                    'every_h' => $every,
                    'trays' => $trays,
                    'air' => $air,
                    'channel' => $channel,
                ]),
                $crew[0],
            );
        }
    }

    /**
     * The sides of a fish freeze for raw service since yesterday; an evening ago somebody left the cold room open.
     *
     * @param  list<Person>  $crew
     */
    public function fill(Fish $frozen, Carbon $since, array $crew, Noise $noise): void
    {
        $this->putAway($crew);
        $now = Carbon::now();
        $logger = new SimulatedLogger(5);
        $left = $now->copy()->subHours(20);
        $logger->door('cold room', 42, $left->getTimestamp());
        $logger->load('blast chiller', $since->getTimestamp(), $since->getTimestamp());
        ($this->start)(
            (string) Str::ulid(),
            new Fields([
                'place' => Place::query()->where('name', 'Blast chiller')->firstOrFail()->id,
                'purpose' => 'raw',
                'rules' => ['eu-20-24h', 'fda-20-168h'],
                'core_probe' => true,
                'thick_mm' => 42,
                'wrap' => 'twice',
                'loaded_at' => Moment::at(Moment::written($since))->format('Y-m-d\TH:i'),
                'items' => array_values(
                    array_map(
                        fn (Piece $piece): array => ['piece' => $piece->id],
                        array_filter(
                            Fish::onTheBench($frozen->id)->pieces->all(),
                            fn (Piece $piece): bool => $piece->part->isFillet(),
                        ),
                    ),
                ),
            ]),
            $crew[1],
        );
        foreach (Place::query()->get() as $place) {
            $place->isLogged()
                ? $this->logged($place, $logger, $now->getTimestamp())
                : $this->byHand($place, $crew, $noise, $now);
        }
        foreach (KeptTray::query()->whereNotNull('tray_id')->get() as $i => $tray) {
            LotMove::query()->create([
                'lot_id' => $tray->id,
                'place_id' => Place::query()
                    ->where('name', $i % 2 === 0 ? 'Cold room' : 'Fish drawers on ice')
                    ->firstOrFail()->id,
                'moved_by' => $crew[1]->id,
                'moved_at' => Moment::written($now),
            ]);
        }
        Carbon::setTestNow($left->copy()->addMinutes(50));
        $this->store->act(
            Place::query()->where('name', 'Cold room')->firstOrFail()->id,
            (string) Str::ulid(),
            new Fields(['what' => 'Door was left ajar after the delivery: closed, fish moved onto ice']),
            $crew[1],
        );
        Carbon::setTestNow();
    }

    /**
     * What was left on the board yesterday went back into the cold; one fish was taken out just now.
     *
     * @param  list<Person>  $crew
     */
    private function putAway(array $crew): void
    {
        foreach (Fish::query()->whereNotNull('out_since')->get() as $fish) {
            Carbon::setTestNow(Moment::at((string) $fish->out_since)->modify('+26 minutes'));
            $this->clocks->back($fish, $crew[1]->id);
            $fish->save();
        }
        Carbon::setTestNow();
        $char = Fish::query()
            ->where('stage', Stage::Portion->value)
            ->whereHas('species', fn ($species) => $species->where('name', 'Arctic char'))
            ->firstOrFail();
        $char->takenOut(Moment::written(Carbon::now()->subMinutes(12)), $crew[1]);
        $char->save();
    }

    private function logged(Place $place, SimulatedLogger $logger, int $now): void
    {
        for (
            $from = $now - 86_400 * self::DAYS;
            ($said = $logger->since($place->channel, $from, $now)) !== [];
        ) {
            ($this->keep)($place, KeepTemperatures::judged($place, $said), 'logger');
            $from = $said[count($said) - 1][0];
        }
        $place->update(['heard_s' => $now, 'battery_pct' => $logger->batteryPct($now)]);
    }

    /** @param  list<Person>  $crew */
    private function byHand(Place $place, array $crew, Noise $noise, Carbon $now): void
    {
        for ($hours = 24 * self::DAYS; $hours > 0; $hours -= 6) {
            ($this->keep)(
                $place,
                [
                    new Sample(
                        $now->copy()->subHours($hours)->addMinutes($noise->between(0, 25))->getTimestamp(),
                        Temperature::ofCelsius($noise->about($place->kind === PlaceKind::Kitchen ? 18.6 : 0.4, 0.3)),
                        null,
                    ),
                ],
                'typed',
                $crew[1 + intdiv($hours, 6) % 2],
            );
        }
    }
}
