<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Hold\Treatment\HouseTreatment;
use App\Kitchen\Role;
use App\Route\Recipes\Recipe;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Receive\AtTheDoor;

/** Who cuts sees weights; what fish costs is for those who buy it. */
final class PricesTest extends AtTheDoor
{
    private const READ = [
        '/kitchen',
        '/spine',
        '/fish',
        '/fish/{species}',
        '/receive',
        '/receive/cold-room',
        '/receive/sourcing',
        '/receive/deliveries',
        '/receive/deliveries/{delivery}',
        '/receive/deliveries/{delivery}/claim',
        '/receive/lines/{line}/inspection',
        '/breakdown',
        '/breakdown/fish/{fish}',
        '/breakdown/methods/{method}',
        '/breakdown/trays',
        '/breakdown/made-from',
        '/breakdown/fish/{fish}/clean-down',
        '/breakdown/fish/{fish}/set-up',
        '/breakdown/fish/{fish}/workmanship',
        '/portion',
        '/portion/fish/{fish}',
        '/portion/fish/{fish}/fillets/{piece}',
        '/portion/fish/{fish}/fillets/{piece}/zones',
        '/portion/dishes',
        '/portion/dishes/{dish}',
        '/portion/tonight',
        '/portion/batches',
        '/portion/servings',
        '/portion/batches/{batch}',
        '/portion/shapes',
        '/printer',
        '/route',
        '/route/fish/{fish}',
        '/route/bins',
        '/route/bins/{bin}',
        '/route/batches',
        '/route/batches/{making}',
        '/route/house',
        '/practise',
        '/practise/people/{person}',
        '/hold/now',
        '/hold/kept',
        '/hold/treatments',
        '/hold/treatings/{treating}',
        '/hold/freezing',
        '/hold/freezing/{freezing}',
        '/hold/thaws',
        '/hold/places',
        '/hold/out',
        '/hold/out/{fish}',
        '/hold/checks',
        '/hold/ready',
        '/plan/hands',
        '/plan/prep',
        '/plan/services',
        '/plan/today',
        '/plan/trim',
        '/log',
        '/log/fish/{fish}',
        '/log/trace/{format}',
        '/log/choices',
        '/log/by/{by}',
        '/log/effects',
        '/log/drift',
        '/log/cutters',
        '/log/cutters/{person}',
        '/log/season',
        '/log/walk',
        '/log/walk/{step}',
        '/log/origin',
    ];

    /** @var array<string, string> what stands in the gaps of a path */
    private array $here;

    protected function setUp(): void
    {
        parent::setUp();
        $line = $this->line('Hake', ['invoiced' => '9.2 kg', 'price' => '9.80', 'lot' => 'H-2311']);
        $this->weighIn($line, '3100 g')->assertOk();
        $this->inspect($line)->assertOk();
        $fish = $this->routed();
        $bench = $this->api('GET', "/portion/fish/{$fish}");
        $batch = self::id();
        $this->api('PUT', "/portion/batches/{$batch}", [
            'dish' => $bench->json('dish'),
            'pieces' => [$bench->json('portions.0.piece')],
        ])->assertOk();
        $version = $this->api('GET', "/cost/fish/{$fish}")->json('fish.version');
        $this->api('PUT', "/cost/fish/{$fish}", [
            'labour_minutes' => 14,
            'delivery' => '2.50',
            'version' => $version,
        ])->assertOk();
        $this->done($fish, 'cost')->assertOk();
        $making = self::id();
        $this->api('PUT', "/route/batches/{$making}", [
            'recipe' => Recipe::query()->where('name', 'White stock')->firstOrFail()->id,
            'weight' => ['typed' => '900 g'],
        ])->assertOk();
        $this->api('PUT', "/route/batches/{$making}/made", ['amount' => 0.9, 'version' => 1])->assertOk();
        [$place, $freezing, $treating] = [self::id(), self::id(), self::id()];
        $this->api('PUT', "/hold/places/{$place}", ['name' => 'Blast', 'kind' => 'blast', 'every_h' => 12])->assertOk();
        $this->api('PUT', "/hold/freezing/{$freezing}", [
            'place' => $place,
            'purpose' => 'keep',
            'items' => [['tray' => $batch]],
        ])->assertOk();
        $this->api('PUT', "/hold/treatings/{$treating}", [
            'treatment' => HouseTreatment::query()->where('name', 'Light brine')->firstOrFail()->id,
            'weight' => ['typed' => '900 g'],
            'things' => [['tray' => $batch]],
        ])->assertOk();
        $service = self::id();
        $this->api('PUT', "/plan/services/{$service}", [
            'day' => now()->addDay()->format('Y-m-d'),
            'at' => '19:00',
            'kind' => 'banquet',
            'name' => 'Guild dinner',
            'covers' => 40,
            'quote' => '48.50',
            'dishes' => [],
        ])->assertOk();
        $this->here = [
            'service' => $service,
            'freezing' => $freezing,
            'treating' => $treating,
            'making' => $making,
            'bin' => 'stock',
            'by' => 'supplier',
            'step' => 'ends',
            'person' => $this->cutter->id,
            'fish' => $fish,
            'species' => $this->species('Hake'),
            'delivery' => $this->delivery,
            'line' => $line,
            'method' => 'round-two',
            'format' => 'json',
            'day' => date('Y-m-d'),
            'dish' => $bench->json('dish'),
            'piece' => $bench->json('sources.0.piece'),
            'batch' => $batch,
        ];
    }

    public function test_a_cutter_reads_no_money(): void
    {
        $this->actingAs($this->cutter);
        foreach (self::READ as $pattern) {
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $gap): string => $this->here[$gap[1]],
                $pattern,
            );
            $answer = str_starts_with($path, '/log/trace')
                ? $this->get("/api{$path}?q=H-2311")
                : $this->api('GET', $path);
            $text = (string) json_encode(
                json_decode((string) $answer->assertOk()->getContent()),
                JSON_UNESCAPED_UNICODE,
            );
            self::assertDoesNotMatchRegularExpression('/[€£$] ?\d|\d ?€/u', $text, $path);
            self::assertDoesNotMatchRegularExpression('/"\w*(_minor|price\w*)":(?!null|"")[^,}]*\d/', $text, $path);
        }
    }

    public function test_the_cost_stage_is_shut_and_writes_nothing(): void
    {
        $this->actingAs($this->cutter);
        foreach (
            [
                '/kitchen/people',
                '/kitchen/settings',
                '/cost',
                "/cost/fish/{$this->here['fish']}",
                '/cost/plates',
                "/cost/plates/{$this->here['dish']}",
                '/cost/ready-cut',
                '/cost/prices',
                '/cost/house',
            ] as $path
        ) {
            $this->api('GET', $path)->assertForbidden();
        }
        $this->api('PUT', '/cost/house', ['counts_labour' => false])->assertForbidden();
        $this->api('PUT', "/receive/deliveries/{$this->delivery}/lines/".self::id(), [
            'species' => $this->here['species'],
            'state' => 'gutted',
            'price' => '1.00',
        ])->assertForbidden();
        $this->actingAs($this->chef);
        self::assertCount(1, (array) $this->api('GET', "/receive/deliveries/{$this->delivery}")->json('lines'));
    }

    public function test_the_head_chef_reads_them(): void
    {
        self::assertSame(Role::HeadChef, $this->chef->role);
        self::assertStringContainsString(
            '€',
            (string) json_encode(
                $this->api('GET', "/log/fish/{$this->here['fish']}")->json(),
                JSON_UNESCAPED_UNICODE,
            ),
        );
        self::assertStringContainsString(
            '€',
            (string) json_encode(
                $this->api('GET', "/cost/fish/{$this->here['fish']}")->json(),
                JSON_UNESCAPED_UNICODE,
            ),
        );
    }

    public function test_no_page_for_reading_was_forgotten_here(): void
    {
        $others = [
            '/kitchen/people',
            '/kitchen/settings',
            '/compute/{name}/jobs/{computation}',
            '/portion/tonight/runs/{run}',
            '/printer/{job}',
            '/scale',
            '/probe',
            '/scanner/labels',
            '/cost',
            '/cost/fish/{fish}',
            '/cost/plates',
            '/cost/plates/{dish}',
            '/cost/ready-cut',
            '/cost/prices',
            '/cost/house',
            '/receive/photos/{photo}',
            '/breakdown/clean-downs.csv',
            '/hold/temperatures.csv',
            '/hold/labels/{kind}/{thing}',
            '/hold/stocktake.csv',
            '/hold/day-file.pdf',
            '/hold/freezing/{freezing}/evidence.pdf',
            '/log/recall',
            '/log/table.{format}',
            '/log/effects/pair',
            '/log/suppliers',
            '/log/suppliers/{supplier}',
            '/log/suppliers/{supplier}/year.pdf',
            '/log/week',
            '/log/week.pdf',
            '/log/complaints',
            '/log/complaints/{complaint}',
            '/log/complaints/{complaint}/report.pdf',
            '/log/origin/card.pdf',
            '/log/origin/page.html',
            '/log/house',
            '/log/house/tables/{table}.csv',
            '/log/house/dictionary.csv',
            '/log/house/house.jsonl',
            '/log/house/house.zip',
            '/kitchen/audit',
            '/kitchen/audit.csv',
            '/practise/people/{person}/certificate.pdf',
            '/practise/{skill}/{seed}',
            '/plan/order',
            '/plan/services/{service}/event',
            '/plan/services/{service}/production.pdf',
            '/plan/prep/{day}/list.pdf',
            '/plan/calendar',
            '/plan/orders',
            '/plan/orders/{order}/order.xml',
            '/plan/orders/{order}/order.pdf',
            '/plan/orders/{order}/order.csv',
        ];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && in_array('GET', $route->methods(), true)) {
                self::assertContains(substr($route->uri(), 3), [...self::READ, ...$others]);
            }
        }
    }
}
