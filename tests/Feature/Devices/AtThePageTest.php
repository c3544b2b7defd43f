<?php

declare(strict_types=1);

namespace Tests\Feature\Devices;

use App\Devices\DemoPan;
use App\Devices\DemoProbe;
use App\Devices\DeviceAway;
use App\Devices\Probe;
use App\Devices\ProbeSample;
use App\Devices\Scale;
use App\Devices\ScaleSample;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What the page hears of the scale and the probe, and what it may do to those of the demo kitchen. */
final class AtThePageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        config(['sectum.demo' => true]);
    }

    public function test_a_weight_is_shown_in_ones_own_units_and_to_the_scales_step(): void
    {
        $this->scale();
        $this->api('GET', '/scale')->assertOk()->assertJsonPath('empty', true)->assertJsonPath('steady', true);
        $this->api('POST', '/scale/pan', ['put' => '412 g'])
            ->assertOk()
            ->assertJsonPath('text', '410 g')
            ->assertJsonPath('steady', false);
        $this->api('POST', '/scale/tare')->assertOk()->assertJsonPath('empty', true)->assertJsonPath('tare', '410 g');
        $this->chef->update(['units' => 'us']);
        $this->api('POST', '/scale/pan', ['put' => '3 lb 5 oz'])
            ->assertOk()
            ->assertJsonPath('mass_mg', 1_505_000 - 410_000)
            ->assertJsonPath('resolution_mg', 5000);
        self::assertStringContainsString('lb', (string) json_encode($this->api('GET', '/scale')->json('text')));
        $this->api('POST', '/scale/pan', ['nudge' => true])
            ->assertOk()
            ->assertJsonPath('steady', false);
        $this->off('/scale/pan')
            ->assertOk()
            ->assertJsonPath('mass_mg', -410_000)
            ->assertJsonPath('empty', true);
    }

    /** @return array<string, array{string}> */
    public static function noWeights(): array
    {
        return [
            'a word' => ['much'],
            'below zero' => ['-3 g'],
            'two units at odds' => ['3 g 5 kg'],
            'more than a scale is built for' => ['9000 kg'],
            'nothing' => [''],
        ];
    }

    #[DataProvider('noWeights')]
    public function test_what_is_no_weight_is_not_put_on_the_pan(string $typed): void
    {
        $scale = $this->scale();
        $this->api('POST', '/scale/pan', ['put' => $typed])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/put');
        self::assertTrue($scale->sample()->steady);
    }

    public function test_a_probe_is_stuck_in_and_pulled_out(): void
    {
        $this->probe();
        $this->api('GET', '/probe')->assertOk()->assertJsonPath('steady', false);
        $this->api('POST', '/probe/fish', ['core' => '3.4'])
            ->assertOk()
            ->assertJsonPath('tenths', 34)
            ->assertJsonPath('steady', true);
        $this->api('POST', '/probe/fish', ['core' => 'cold'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/core');
        $this->api('GET', '/probe')->assertJsonPath('tenths', 34);
        $this->off('/probe/fish')->assertOk()->assertJsonPath('steady', false);
    }

    public function test_a_device_that_is_away_leaves_the_typing(): void
    {
        $this->scale(away: true);
        $this->probe(away: true);
        foreach (
            [
                ['GET', '/scale', [], 'Type the weight'],
                ['POST', '/scale/tare', [], 'Type the weight'],
                ['POST', '/scale/pan', ['put' => '300 g'], 'Type the weight'],
                ['GET', '/probe', [], 'Type the temperature'],
                ['POST', '/probe/fish', ['core' => '3'], 'Type the temperature'],
            ] as [$verb, $path, $body, $instead]
        ) {
            $said = $this->api($verb, $path, $body)->assertStatus(503)->json('detail');
            self::assertStringContainsString($instead, is_string($said) ? $said : '', $path);
        }
        $fish = $this->received();
        $this->weigh($fish, 'head', '650 g')->assertOk();
    }

    public function test_nobody_reaches_into_a_real_scale_or_a_real_fish(): void
    {
        config(['sectum.demo' => false]);
        $scale = $this->scale();
        $this->probe();
        $this->api('POST', '/scale/pan', ['put' => '300 g'])->assertNotFound();
        $this->api('POST', '/probe/fish', ['core' => '3.4'])->assertNotFound();
        self::assertSame(0, $scale->sample()->net->milligrams);
        $this->api('GET', '/scale')->assertOk();
    }

    public function test_the_devices_are_for_those_who_signed_in(): void
    {
        $this->scale();
        $this->api('DELETE', '/session')->assertOk();
        foreach (['/scale', '/probe', '/scanner/labels'] as $path) {
            $this->api('GET', $path)->assertUnauthorized();
        }
    }

    /**
     * The hand takes away what is there.
     *
     * @return TestResponse<Response>
     */
    private function off(string $path): TestResponse
    {
        return $this->call('POST', "/api{$path}", [], [], [], ['CONTENT_TYPE' => 'application/json'], '{}');
    }

    /** A pan that goes in steps of 5 g and comes to rest only when nobody touches it. */
    private function scale(bool $away = false): DemoPan
    {
        $scale = new class($away) implements DemoPan
        {
            private int $on = 0;

            private int $tare = 0;

            private bool $steady = true;

            public function __construct(private readonly bool $away)
            {
            }

            public function sample(): ScaleSample
            {
                $this->away && throw new DeviceAway();
                $sample = new ScaleSample(
                    Mass::ofMilligrams($this->on - $this->tare),
                    Mass::ofMilligrams($this->tare),
                    Mass::ofMilligrams(5000),
                    $this->steady,
                    false,
                );
                $this->steady = true;

                return $sample;
            }

            public function tare(): ScaleSample
            {
                $this->tare = $this->on;

                return $this->sample();
            }

            public function put(Mass $mass): void
            {
                $this->on = intdiv($mass->milligrams + 2500, 5000) * 5000;
                $this->steady = false;
            }

            public function clear(): void
            {
                $this->on = 0;
            }

            public function nudge(): void
            {
                $this->steady = false;
            }
        };
        $this->app->instance(Scale::class, $scale);
        $this->app->instance(DemoPan::class, $scale);

        return $scale;
    }

    private function probe(bool $away = false): void
    {
        $probe = new class($away) implements DemoProbe
        {
            private ?Temperature $core = null;

            public function __construct(private readonly bool $away)
            {
            }

            public function sample(): ProbeSample
            {
                $this->away && throw new DeviceAway();

                return new ProbeSample($this->core ?? Temperature::ofCelsius(18.0), $this->core !== null);
            }

            public function stick(Temperature $core): void
            {
                $this->core = $core;
            }

            public function pull(): void
            {
                $this->core = null;
            }
        };
        $this->app->instance(Probe::class, $probe);
        $this->app->instance(DemoProbe::class, $probe);
    }
}
