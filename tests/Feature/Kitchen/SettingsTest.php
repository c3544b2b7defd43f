<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\HouseRule;
use App\Kitchen\Settings;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What the head chef sets for the house. */
final class SettingsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /** @return array<string, array{string, string, string}> rule, typed, kept */
    public static function good(): array
    {
        return [
            'a name' => ['kitchen', ' The Long Room ', 'The Long Room'],
            'a zone' => ['timezone', 'America/Los_Angeles', 'America/Los_Angeles'],
            'an hour' => ['day_ends', '3', '3'],
            'a mass in kilos' => ['scale_most_mg', '30 kg', '30000000'],
            'a temperature in Fahrenheit' => ['warmest_c', '39.2 F', '4'],
            'money' => ['labour_rate_minor', '21.40', '2140'],
            'money as it is shown' => ['labour_rate_minor', '€21.40', '2140'],
            'pots' => ['pots_l', '40, 12 6 litres', '40 12 6'],
            'yes' => ['skins_in_stock', '1', '1'],
            'a choice' => ['split', 'relative-value', 'relative-value'],
            'a scale on the network' => ['scale_at', 'scale.kitchen:8417', 'scale.kitchen:8417'],
            'a number with its unit' => ['raw_days', '3 days', '3'],
        ];
    }

    #[DataProvider('good')]
    public function test_what_is_typed_is_kept_with_who_changed_it(string $rule, string $typed, string $kept): void
    {
        Carbon::setTestNow('2026-11-26T12:00:00Z');
        $shown = $this->set($rule, $typed)->assertOk();
        self::assertSame($kept, data_get(self::rule($shown->json(), $rule), 'value'));
        self::assertStringStartsWith('Head, ', strval(data_get(self::rule($shown->json(), $rule), 'changed')));
        // What is shown can be typed again and means the same.
        $again = $this->set(
            $rule,
            strval(
                data_get(self::rule($shown->json(), $rule), 'kind') === 'truth'
                    ? $kept
                    : data_get(self::rule($shown->json(), $rule), $rule === 'split' ? 'value' : 'shown'),
            ),
            $kept,
        )->assertOk();
        self::assertSame($kept, data_get(self::rule($again->json(), $rule), 'value'));
        Carbon::setTestNow();
    }

    /** @return array<string, array{string, string}> */
    public static function bad(): array
    {
        return [
            'no zone' => ['timezone', 'Europe/Atlantis'],
            'half past three' => ['day_ends', '25'],
            'a currency of two letters' => ['currency', 'EU'],
            'a warm door' => ['warmest_c', '40'],
            'words' => ['raw_days', 'a few'],
            'no such choice' => ['split', 'by-mood'],
            'a negative rate' => ['labour_rate_minor', '-3'],
            'no port' => ['scale_at', 'scale'],
            'a port too high' => ['scale_at', 'scale:70000'],
            'perhaps' => ['skins_in_stock', 'perhaps'],
            'a pot of nothing' => ['pots_l', '0'],
            'a name of 70 letters' => [
                'kitchen',
                'kkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkk',
            ],
        ];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_where_it_was_typed_and_changes_nothing(
        string $rule,
        string $typed,
    ): void {
        $before = $this->api('GET', '/kitchen/settings')->json();
        $this->set($rule, $typed)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/value');
        self::assertSame($before, $this->api('GET', '/kitchen/settings')->json());
    }

    public function test_every_setting_has_its_default_and_source_beside_it_and_is_for_the_head_chef(): void
    {
        $rules = (array) data_get($this->api('GET', '/kitchen/settings')->json(), 'stages.*.rules.*');
        self::assertCount(count(HouseRule::all()), $rules);
        foreach ($rules as $rule) {
            self::assertNotSame('', data_get($rule, 'source'));
            self::assertNull(data_get($rule, 'changed'));
            self::assertSame(data_get($rule, 'default'), data_get($rule, 'shown'));
        }
        $this->actingAs($this->cutter);
        $this->set('raw_days', '3', '2')->assertForbidden();
    }

    public function test_two_who_set_the_same_are_told(): void
    {
        $this->set('raw_days', '3', '2')->assertOk();
        $this->set('raw_days', '4', '2')->assertConflict()->assertJsonPath('current', '3');
        $this->set('raw_days', '3', '2')->assertOk();
        self::assertSame(3, Settings::load()->portionDays->raw);
        $this->api('PUT', '/kitchen/settings/no_such', ['value' => '1', 'was' => ''])->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function set(string $rule, string $value, ?string $was = null): TestResponse
    {
        $was ??= strval(data_get(self::rule($this->api('GET', '/kitchen/settings')->json(), $rule), 'value'));

        return $this->api('PUT', "/kitchen/settings/{$rule}", ['value' => $value, 'was' => $was]);
    }

    private static function rule(mixed $settings, string $key): mixed
    {
        return collect((array) data_get($settings, 'stages.*.rules.*'))->firstWhere('key', $key);
    }
}
