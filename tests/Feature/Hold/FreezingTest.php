<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Catalogue\Species;
use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\RawEvidence;
use App\Hold\Freezing\RunItem;
use App\Hold\Places\Place;
use App\Hold\Thaw\Thaw;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Sectum\Fish\Part;
use Sectum\Hold\Freezing\FreezeRule;
use Sectum\Receive\FrozenHere;
use Sectum\Receive\RawService;

/** Freezing for raw service: the record decides, for exactly what was in it, and for what was cut from that. */
final class FreezingTest extends ColdKitchen
{
    private function isOpen(string $fish, string $piece): bool
    {
        $onBoard = Fish::onTheBench($fish);

        return $onBoard->rawService($onBoard->pieces->firstOrFail('id', $piece))->open;
    }

    /** @return array{string, string, string} a hake with two sides weighed: fish and sides */
    private function sides(): array
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1500 g')->assertOk();
        $this->weigh($fish, 'side-b', '1490 g')->assertOk();
        $pieces = Fish::onTheBench($fish)->pieces;

        return [
            $fish,
            $pieces->firstOrFail('part', Part::SideA)->id,
            $pieces->firstOrFail('part', Part::SideB)->id,
        ];
    }

    public function test_a_record_that_meets_the_rule_opens_what_was_in_it_and_what_is_cut_from_it(): void
    {
        [$fish, $in, $beside] = $this->sides();
        $run = self::id();
        $this->freeze($run, $in, 30)->assertOk()->assertJsonPath('rules.0.met', false);
        $this->record($this->blast, self::frozen(30))->assertOk();
        $answer = $this->api('GET', "/hold/freezing/{$run}")->assertOk();
        self::assertTrue($answer->json('rules.0.met'));
        self::assertNotNull($answer->json('items.0.rule'));
        self::assertSame([true, false], [$this->isOpen($fish, $in), $this->isOpen($fish, $beside)]);
        self::assertStringContainsString('record 1', Fish::onTheBench($fish)->rawService(
            Fish::onTheBench($fish)->pieces->firstOrFail('id', $in),
        )->why);

        $this->boned($fish);
        $this->done($fish, 'breakdown')->assertOk();
        foreach ([$in => '180 g', $beside => '178 g'] as $from => $grams) {
            $this->weigh($fish, 'portion', $grams, 'portion', from: $from)->assertOk();
        }
        foreach (Fish::onTheBench($fish)->pieces->where('part', Part::Portion) as $portion) {
            self::assertSame($portion->parent_id === $in, $this->isOpen($fish, $portion->id));
        }
        $this->paper("/hold/freezing/{$run}/evidence.pdf");
    }

    public function test_it_closes_again_when_a_later_file_shows_that_the_record_broke(): void
    {
        [$fish, $in] = $this->sides();
        $run = self::id();
        $this->freeze($run, $in, 30)->assertOk();
        $this->record($this->blast, self::frozen(30))->assertOk();
        self::assertTrue($this->isOpen($fish, $in));
        // In the middle of it the core stood at −12 °C for a while: two readings that came late.
        $this->record($this->blast, [[765, -38.0, -12.0], [755, -38.0, -12.0]])->assertOk();
        self::assertFalse($this->isOpen($fish, $in));
        $this->api('GET', "/hold/freezing/{$run}")->assertJsonPath('rules.0.met', false);
    }

    public function test_what_was_put_in_later_is_judged_without_the_probe_that_is_in_the_first(): void
    {
        [$fish, $first, $later] = $this->sides();
        $run = self::id();
        $this->freeze($run, $first, 200, ['rules' => ['eu-20-24h', 'fda-20-168h']])->assertOk();
        $this->record($this->blast, self::frozen(200))->assertOk();
        $item = self::id();
        $at = Carbon::now('UTC')->subHours(100)->format('Y-m-d\TH:i');
        for ($twice = 0; $twice < 2; $twice++) {
            $this->api('PUT', "/hold/freezing/{$run}/items/{$item}", ['piece' => $later, 'at' => $at])->assertOk();
        }
        self::assertSame([true, false], [$this->isOpen($fish, $first), $this->isOpen($fish, $later)]);
        self::assertSame(2, RunItem::query()->count());
        Carbon::setTestNow(Carbon::now()->addHours(70));
        $this->record($this->blast, self::frozen(69))->assertOk();
        self::assertTrue($this->isOpen($fish, $later), 'by 168 hours of its own in cold air');
    }

    public function test_what_is_taken_out_before_its_time_stays_closed(): void
    {
        [$fish, $in] = $this->sides();
        $run = self::id();
        $this->freeze($run, $in, 20)->assertOk();
        $this->record($this->blast, self::frozen(20))->assertOk();
        $item = strval($this->api('GET', "/hold/freezing/{$run}")->json('items.0.id'));
        $this->api('PUT', "/hold/freezing/{$run}/items/{$item}/out", ['why' => 'Needed the room'])->assertOk();
        Carbon::setTestNow(Carbon::now()->addHours(20));
        $this->record($this->blast, self::frozen(19))->assertOk();
        self::assertFalse($this->isOpen($fish, $in));
    }

    public function test_an_ordinary_freezer_never_meets_any_rule(): void
    {
        [$fish, $in] = $this->sides();
        $run = self::id();
        $this->freeze($run, $in, 500, ['rules' => array_column(FreezeRule::cases(), 'value')])->assertOk();
        $this->record($this->blast, self::frozen(500, -18.5, -18.0))->assertOk();
        $rules = $this->api('GET', "/hold/freezing/{$run}")->json('rules.*.met');
        self::assertSame([false, false, false, false, false], $rules);
        self::assertFalse($this->isOpen($fish, $in));
    }

    /**
     * Whatever it is, however it came, whatever was frozen of it and however well: raw service is open only by a filed
     * exemption or by a record that meets a rule.
     */
    public function test_no_path_opens_raw_service_without_a_met_rule_or_a_filed_exemption(): void
    {
        $tried = 0;
        foreach (Species::query()->orderBy('name')->get() as $species) {
            foreach ([null, 'farmed feed', 'frozen'] as $proof) {
                foreach (['none', 'kept cold', 'met', 'met beside it'] as $freezing) {
                    $fish = new Fish(['id' => self::id(), 'number' => 1]);
                    $fish->setRelation('species', $species);
                    $fish->setRelation('line', $proof === null ? null : new DeliveryLine(['proof' => $proof]));
                    $whole = new Piece(['id' => self::id(), 'part' => 'whole', 'name' => 'Whole']);
                    $fish->setRelation('pieces', $fish->newCollection([$whole]));
                    $record = new FrozenHere(7, 'a rule');
                    $this->app->instance(
                        RawEvidence::class,
                        new Filed(
                            match ($freezing) {
                                'met' => [$whole->id => $record],
                                'met beside it' => ['other' => $record],
                                default => [],
                            },
                        ),
                    );
                    $raw = $fish->rawService($whole);
                    $hazards = array_column($species->hazardList(), 'value');
                    $barred = array_intersect($hazards, ['toxin', 'purging']) !== [];
                    $exempt = in_array($species->scientific, RawService::EXEMPT_TUNAS, true);
                    $tried++;
                    self::assertSame(
                        ! $barred && ($proof !== null || $exempt || $freezing === 'met'),
                        $raw->open,
                        "{$species->name}, {$proof}, {$freezing}",
                    );
                }
            }
        }
        self::assertGreaterThan(200, $tried);
    }

    public function test_bad_input_is_said_at_its_field_and_nothing_is_begun(): void
    {
        [, $in] = $this->sides();
        $this->freeze(self::id(), $in, 1, ['rules' => []])->assertJsonPath('errors.0.pointer', '/rules');
        $this->freeze(self::id(), $in, 1, ['place' => $this->coldRoom])->assertJsonPath('errors.0.pointer', '/place');
        $this->freeze(self::id(), self::id(), 1)->assertJsonPath('errors.0.pointer', '/items/0/piece');
        $this->freeze(self::id(), $in, -5)->assertJsonPath('errors.0.pointer', '/loaded_at');
        $run = self::id();
        $this->freeze($run, $in, 5)->assertOk();
        $this->freeze(self::id(), $in, 1, ['core_probe' => false])->assertJsonPath('errors.0.pointer', '/items/0');
        $this->freeze(self::id(), $in, 1)->assertJsonPath('errors.0.pointer', '/core_probe');
        $version = $this->api('GET', "/hold/freezing/{$run}")->json('version');
        $this->api('PUT', "/hold/freezing/{$run}/solid", ['version' => $version, 'at' => '2026-01-10T10:00'])
            ->assertStatus(422);
        $this->api('PUT', "/hold/freezing/{$run}/ended", ['version' => 99])->assertConflict();
        $this->api('PUT', "/hold/freezing/{$run}/ended", ['version' => $version])->assertOk();
        $this->api('PUT', "/hold/freezing/{$run}/items/".self::id(), ['piece' => $in])->assertConflict();
        self::assertSame(1, RunItem::query()->count());
    }

    public function test_a_word_of_solid_is_heard_only_where_no_probe_tells_and_the_house_learns_its_factor(): void
    {
        [$fish, $in] = $this->sides();
        $run = self::id();
        $this->freeze($run, $in, 20, ['rules' => ['fda-35-15h'], 'core_probe' => false, 'thick_mm' => 35])
            ->assertOk()
            ->assertJsonPath('asks_solid', true)
            ->assertJsonPath('rules.0.missing.code', 'word-of-solid');
        $this->record($this->blast, self::frozen(20))->assertOk();
        $at = Carbon::now('UTC')->subHours(17)->format('Y-m-d\TH:i');
        $this->api('PUT', "/hold/freezing/{$run}/solid", ['version' => 1, 'at' => $at])
            ->assertOk()
            ->assertJsonPath('rules.0.met', true);
        self::assertTrue($this->isOpen($fish, $in));
        $this->api('PUT', "/hold/freezing/{$run}/ended", ['version' => 2])->assertOk();
        [, $other] = $this->sides();
        $probed = self::id();
        $this->freeze($probed, $other, 20, ['thick_mm' => 35])->assertOk();
        $this->api('PUT', "/hold/freezing/{$probed}/ended", ['version' => 1])->assertOk();
        $factor = (float) Place::query()->findOrFail($this->blast)->house_factor;
        self::assertLessThan(1.0, $factor);
        self::assertGreaterThan(0.2, $factor);
    }

    public function test_freezing_revives_no_fish_past_its_date_and_nothing_is_frozen_twice(): void
    {
        $fish = $this->received();
        $this->weigh($fish, 'side-a', '1515 g')->assertOk();
        $side = (string) $this->api('GET', "/breakdown/fish/{$fish}")->json('pieces.1.piece');
        $freeze = fn (): TestResponse => $this->api('PUT', '/hold/freezing/'.self::id(), [
            'purpose' => 'keep',
            'place' => $this->blast,
            'core_probe' => false,
            'items' => [['piece' => $side]],
        ]);
        $offered = fn (): bool => in_array(
            $side,
            array_column((array) $this->api('GET', '/hold/ready')->json(), 'piece'),
            true,
        );
        Fish::query()->whereKey($fish)->update(['keeps_until' => '2026-03-08T12:00:00Z']);
        self::assertTrue($offered());
        Carbon::setTestNow('2026-04-01T08:00:00Z');
        self::assertFalse($offered(), 'what would be refused is not offered');
        $freeze()->assertConflict();
        self::assertSame(0, RunItem::query()->count(), 'and nothing is half written');
        Carbon::setTestNow('2026-03-07T08:00:00Z');
        $freeze()->assertOk();
        $item = RunItem::query()->firstOrFail();
        $thaw = Thaw::query()->create([
            'number' => 1,
            'item_id' => $item->id,
            'how' => 'thaw still-air',
            'ambient_tenths' => 30,
            'planned_by' => $this->chef->id,
            'planned_at' => '2026-03-07T09:00:00Z',
            'started_at' => '2026-03-07T09:00:00Z',
            'finished_at' => '2026-03-08T07:00:00Z',
        ]);
        $item->update(['out_at' => $thaw->started_at]);
        Carbon::setTestNow('2026-03-08T08:00:00Z');
        $freeze()->assertConflict();
        self::assertSame(1, RunItem::query()->count());
    }
}
