<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Fish\Fish;
use PHPUnit\Framework\Attributes\TestWith;
use Sectum\Fish\Part;
use Tests\AsksAtMost;

/** What Hold asks of the database: no more for many things than for few. */
final class HoldBudgetTest extends ColdKitchen
{
    use AsksAtMost;

    private const MANY = 5;

    #[TestWith(['/hold/now'])]
    #[TestWith(['/hold/kept'])]
    #[TestWith(['/hold/treatments'])]
    #[TestWith(['/hold/freezing'])]
    #[TestWith(['/hold/places'])]
    #[TestWith(['/hold/out'])]
    #[TestWith(['/hold/checks'])]
    public function test_a_list_of_many(string $list): void
    {
        $this->heldAndRunning();
        $this->assertAsksAtMost(15, fn () => $this->api('GET', $list)->assertOk(), $list);
    }

    /** What is offered is asked of the law first: how it was frozen and thawed, and when its date ends. */
    public function test_what_may_be_frozen_or_treated(): void
    {
        $this->heldAndRunning();
        $this->assertAsksAtMost(20, fn () => $this->api('GET', '/hold/ready')->assertOk());
    }

    /** Four lists stand on one screen: what thaws, what can be thawed, what is packed, what dripped. */
    public function test_thaws_and_packs(): void
    {
        $this->heldAndRunning();
        $this->assertAsksAtMost(24, fn () => $this->api('GET', '/hold/thaws')->assertOk());
    }

    public function test_a_run_with_many_things(): void
    {
        $run = $this->heldAndRunning();
        $this->assertAsksAtMost(15, fn () => $this->api('GET', "/hold/freezing/{$run}")->assertOk());
    }

    /** @return string the run its sides are in: each is packed without air, planned to thaw; its fish are out */
    private function heldAndRunning(): string
    {
        $salt = $this->api('GET', '/hold/treatments')->json('treatments.0.id');
        $firsts = [];
        $tray = '';
        for ($i = 0; $i < self::MANY; $i++) {
            $this->place(self::id(), ['name' => "Fridge {$i}", 'lowest' => '0', 'highest' => '5'])->assertOk();
            $fish = $this->received();
            $this->weigh($fish, 'side-a', '1515 g')->assertOk();
            $this->weigh($fish, 'side-b', '1500 g')->assertOk();
            $pieces = Fish::onTheBench($fish)->pieces;
            $firsts[] = $pieces->firstOrFail('part', Part::SideA)->id;
            $tray = $this->tray();
            $this->api('PUT', '/hold/treatings/'.self::id(), [
                'treatment' => $salt,
                'weight' => ['typed' => '1500 g'],
                'thick_mm' => 28,
                'faces' => 2,
                'things' => [['piece' => $pieces->firstOrFail('part', Part::SideB)->id]],
            ])->assertOk();
        }
        $run = self::id();
        $this->freeze($run, $firsts[0], 2, [
            'core_probe' => false,
            'items' => [
                ...array_map(fn (string $piece): array => ['piece' => $piece], $firsts),
                ['tray' => $tray],
            ],
        ])->assertOk();
        foreach ([...array_map(fn (string $one): array => ['piece' => $one], $firsts), ['tray' => $tray]] as $what) {
            $this->api('PUT', '/hold/packs/'.self::id(), ['how' => 'vacuum', ...$what])->assertOk();
        }
        foreach (array_slice((array) $this->api('GET', "/hold/freezing/{$run}")->json('items.*.id'), 1) as $item) {
            $this->api('PUT', '/hold/thaws/'.self::id(), ['item' => $item, 'how' => 'still-air', 'ambient_c' => 3])
                ->assertOk();
        }

        return $run;
    }
}
