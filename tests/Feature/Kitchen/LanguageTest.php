<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Kitchen\Language\Language;
use App\Kitchen\Language\Said;
use App\Kitchen\Language\Typed;
use App\Kitchen\Language\Written;
use App\Kitchen\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Finder\Finder;
use Tests\ReadsWords;
use Tests\SaidInSource;
use Tests\TestCase;

/** Every sentence in each language, figures and dates as it writes them, and what is typed as it is meant. */
final class LanguageTest extends TestCase
{
    use ReadsWords;

    private const OTHERS = ['es', 'fr'];

    /** @return list<string> the places of a sentence, each once */
    private static function places(string $sentence): array
    {
        preg_match_all('/:(?:\d|[a-z_]+)/', $sentence, $places);
        $all = array_values(array_unique($places[0]));
        sort($all);

        return $all;
    }

    public function test_each_sentence_of_the_server_is_said_in_each_language_and_none_that_nobody_says(): void
    {
        $said = SaidInSource::all();
        self::assertGreaterThan(1000, count($said));
        foreach (self::OTHERS as $language) {
            $words = self::words($language, 'sentences');
            self::assertSame([], array_values(array_diff($said, array_keys($words))), "{$language} lacks");
            self::assertSame([], array_values(array_diff(array_keys($words), $said)), "{$language} says for nobody");
            foreach ($words as $english => $theirs) {
                self::assertSame(self::places((string) $english), self::places($theirs), "{$language}: {$english}");
            }
        }
    }

    public function test_what_the_contract_says_of_a_value_is_said_in_each_language(): void
    {
        $said = [];
        $files = glob(base_path('contract/requests/*.json')) ?: [];
        foreach ([...$files, base_path('contract/part.schema.json')] as $file) {
            $schema = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
            array_walk_recursive($schema, function (mixed $value, int|string $key) use (&$said): void {
                if ($key === 'x-say') {
                    $said[$value] = $value;
                }
            });
        }
        self::assertGreaterThan(450, count($said));
        foreach (self::OTHERS as $language) {
            $here = self::words($language, 'contract');
            $known = $here + self::words($language, 'sentences', 'names', 'catalogue');
            self::assertSame([], array_values(array_diff($said, array_keys($known))), "{$language} lacks");
            self::assertSame([], array_values(array_diff(array_keys($here), $said)), "{$language} says for nobody");
        }
    }

    public function test_a_fault_is_said_where_it_was_entered_in_the_language_of_whoever_entered_it(): void
    {
        $this->kitchen();
        $this->api('PUT', '/me/language', ['language' => 'es'])->assertOk();
        $this->api('PUT', '/hold/labels/'.Str::ulid(), ['kind' => 'ship', 'id' => (string) Str::ulid()])
            ->assertStatus(422)
            ->assertJsonPath('errors.0', ['pointer' => '/kind', 'detail' => 'Di de qué es la etiqueta.']);
        $this->api('PUT', '/me/units', ['units' => 'stone'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0', ['pointer' => '/units', 'detail' => 'Los pesos son métricos o de EE. UU.']);
        $this->api('PUT', '/me/language', ['language' => 'fr'])->assertOk();
        $this->api('PUT', '/me/language', ['language' => 'la'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.detail', 'Il n’y a pas ici de mots dans cette langue.');
    }

    public function test_what_is_said_by_code_has_the_same_codes_and_values_in_each_language(): void
    {
        foreach (['core', 'log', 'portion', 'practise'] as $file) {
            $english = Arr::dot(require lang_path("en/{$file}.php"));
            foreach (self::OTHERS as $language) {
                $theirs = Arr::dot(require lang_path("{$language}/{$file}.php"));
                self::assertSame(array_keys($english), array_keys($theirs), "{$language}/{$file}");
                foreach ($english as $key => $sentence) {
                    self::assertSame(
                        self::places($sentence),
                        self::places($theirs[$key]),
                        "{$language}/{$file}: {$key}",
                    );
                    self::assertSame(
                        substr_count($sentence, '|'),
                        substr_count($theirs[$key], '|'),
                        "{$language}/{$file}: {$key}",
                    );
                }
            }
        }
    }

    public function test_fish_and_their_parts_have_names_in_each_language(): void
    {
        $named = [...Species::query()->pluck('name')->all(), ...DB::table('parts')->pluck('name')->all()];
        self::assertGreaterThan(130, count($named));
        foreach (self::OTHERS as $language) {
            self::assertSame([], array_values(array_diff($named, array_keys(self::words($language, 'names')))));
        }
    }

    public function test_what_stands_after_a_colon_is_said_within_what_stands_before_it(): void
    {
        $english = 'More came off the whole fish than went on, by 1.400 kg: the frame reading looks 418 g too heavy.';
        $spanish = (new Said(Language::Spanish))->text($english);
        self::assertMatchesRegularExpression('/^El pescado entero.* 1,400 kg; una .*espinazo.* 418 g /u', $spanish);
        self::assertStringEndsWith('.', $spanish);
        self::assertSame(1, mb_substr_count($spanish, '.'), 'one sentence');
    }

    #[TestWith(['es', '€1,234.50', "1.234,50\u{a0}€"])]
    #[TestWith(['fr', '€1,234.50', "1\u{202f}234,50\u{a0}€"])]
    #[TestWith(['es', '1.515 kg', '1,515 kg'])]
    #[TestWith(['es', '68.2 % of 12.600 kg', '68,2 % of 12,600 kg'])]
    #[TestWith(['es', '−€0.40', "−0,40\u{a0}€"])]
    #[TestWith(['fr', '3.4 °C', '3,4 °C'])]
    #[TestWith(['es', 'FDA Food Code 3-402.11', 'FDA Food Code 3-402.11'])]
    #[TestWith(['es', '192.168.1.40:8417', '192.168.1.40:8417'])]
    #[TestWith(['es', '13.90', '13.90'])]
    #[TestWith(['es', 'Sat 28 Nov, 07:30', 'sáb 28 nov, 07:30'])]
    #[TestWith(['es', 'Saturday 28 November', 'sábado 28 de noviembre'])]
    #[TestWith(['fr', 'Sat 28 Nov', 'sam. 28 nov.'])]
    #[TestWith(['fr', 'Saturday 1 August', 'samedi 1 août'])]
    #[TestWith(['es', 'November 2026', 'noviembre 2026'])]
    #[TestWith(['es', 'Marchant 12', 'Marchant 12'])]
    #[TestWith(['fr', '2000 g to 3000 g', '2000 g à 3000 g'])]
    #[TestWith(['es', '€1.20 to €3.40', "1,20\u{a0}€ a 3,40\u{a0}€"])]
    #[TestWith(['es', '2 lb 3.5 oz to 3 lb', '2 lb 3,5 oz a 3 lb'])]
    #[TestWith(['fr', '5 Dec to 9 Dec 2026', '5 déc. à 9 déc. 2026'])]
    #[TestWith(['es', '28 to 35', '28 a 35'])]
    #[TestWith(['fr', 'Moved 3 fish to drawer 2', 'Moved 3 fish to drawer 2'])]
    #[TestWith(['es', '3 to Ada', '3 to Ada'])]
    #[TestWith(['en', '1.515 kg, Sat 28 Nov', '1.515 kg, Sat 28 Nov'])]
    public function test_figures_and_dates_are_written_as_there(string $language, string $english, string $theirs): void
    {
        self::assertSame($theirs, Written::as($english, Language::from($language)));
    }

    #[TestWith(['es', '−0.1', '−0,1'])]
    #[TestWith(['fr', '+12.75', '+12,75'])]
    #[TestWith(['en', '8.8', '8.8'])]
    #[TestWith(['es', '11:20', '11:20'])]
    #[TestWith(['es', '3-402.11', '3-402.11'])]
    #[TestWith(['fr', '0.19.1', '0.19.1'])]
    #[TestWith(['es', '8.8 °C', '8,8 °C'])]
    #[TestWith(['es', 'gutted', 'eviscerado'])]
    #[TestWith(['fr', '1 drill', '1 exercice'])]
    #[TestWith(['es', 'Tail end 2, Brill', 'Cola 2, Rémol'])]
    #[TestWith(['es', 'Brill, Harbourgate Fish', 'Brill, Harbourgate Fish'])]
    #[TestWith([
        'es',
        'A lot had about 8.8 days of life left when it came.',
        'A un lote le quedaban unos 8,8 días de vida al llegar.',
    ])]
    public function test_a_column_of_paper_is_written_as_there(string $language, string $english, string $theirs): void
    {
        self::assertSame($theirs, (new Said(Language::from($language)))->cell($english));
    }

    #[TestWith(['1,515 kg', '1.515 kg'])]
    #[TestWith(['12,5 g', '12.5 g'])]
    #[TestWith(['13,90', '13.90'])]
    #[TestWith(['3,4 °C', '3.4 °C'])]
    #[TestWith(['1.515 kg', '1.515 kg'])]
    #[TestWith(['0,515 g', '0.515 g'])]
    #[TestWith(['1515 g', '1515 g'])]
    #[TestWith(['Mesa 4, junto a la ventana', 'Mesa 4, junto a la ventana'])]
    #[TestWith(['3,5,7', '3,5,7'])]
    public function test_a_comma_that_is_typed_is_the_decimal_mark(string $typed, string $meant): void
    {
        self::assertSame($meant, Typed::figure($typed));
    }

    #[TestWith(['1,515 g'])]
    #[TestWith(['1.515 g'])]
    #[TestWith(['2,000 gr'])]
    public function test_a_weight_that_may_be_meant_a_thousandfold_is_asked_about(string $typed): void
    {
        try {
            Typed::figure($typed, '/weight/typed');
            self::fail('It was read.');
        } catch (Fault $fault) {
            self::assertSame([422, ['/weight/typed']], [$fault->status, array_keys($fault->pointers)]);
        }
    }

    public function test_a_sentence_is_found_with_its_values_and_what_is_none_stays(): void
    {
        $es = new Said(Language::Spanish);
        self::assertSame('Merluza n.º 12', $es->text('Hake no. 12'));
        self::assertSame('Merluza n.º 12, 3 pescados', $es->text('Hake no. 12, 3 fish'));
        self::assertSame(
            'Una pesada (el espinazo) parece 418 g demasiado pesada, el peso de «media bandeja».',
            $es->text('The frame reading looks 418 g too heavy, the weight of the half tray.'),
        );
        self::assertSame('quedan 40 g', $es->text('40 g left'));
        self::assertSame('no rib end left', $es->text('no rib end left'));
        self::assertSame('Harbourgate Fish', $es->text('Harbourgate Fish'));
        self::assertSame('01M8GRKHV1D2HF7QPDXJJHWWQC', $es->text('01M8GRKHV1D2HF7QPDXJJHWWQC'));
    }

    /** No fish is without bones, and none is said to be safe: in no language, on no floor. */
    public function test_nothing_is_promised(): void
    {
        $promises = [
            'en' => '/\bsafe\b|\bboneless\b|\bbone[- ]free\b/iu',
            'es' => '/\bsin (?:espinas?|riesgos?|peligro)\b|\bes segur[oa]\b|\binofensiv/iu',
            'fr' => '/\bsans (?:arêtes?|danger|risque)\b|\binoffensi[fv]/iu',
        ];
        $said = 0;
        foreach ($promises as $language => $promise) {
            $folders = array_filter(
                [lang_path($language), base_path("web/src/lang/{$language}"), base_path("docs/guide/{$language}")],
                is_dir(...),
            );
            foreach (Finder::create()->files()->in($folders)->name('/\.(?:json|php|md)$/') as $file) {
                foreach (explode("\n", $file->getContents()) as $line) {
                    // Of a line of JSON or PHP what is said, not what it is said for.
                    $text = (string) preg_replace('/^\s*(?:"(?:[^"\\\\]|\\\\.)*":|\'[^\']*\' =>)/u', '', $line);
                    self::assertDoesNotMatchRegularExpression($promise, $text, $file->getPathname());
                    $said++;
                }
            }
        }
        foreach (SaidInSource::all() as $sentence) {
            self::assertDoesNotMatchRegularExpression($promises['en'], $sentence);
        }
        self::assertGreaterThan(9000, $said);
    }

    public function test_no_code_of_the_contract_is_taken_for_a_text(): void
    {
        $codes = [];
        foreach (Finder::create()->files()->in(base_path('contract'))->name('*.json') as $file) {
            preg_match_all('/"enum":\s*\[([^]]*)\]|"const":\s*("[^"]*")/', $file->getContents(), $lists);
            preg_match_all('/"([^"]+)"/', implode(' ', [...$lists[1], ...$lists[2]]), $each);
            array_push($codes, ...$each[1]);
        }
        $codes = array_values(array_unique($codes));
        self::assertGreaterThan(300, count($codes));
        foreach (self::OTHERS as $language) {
            self::assertSame($codes, array_map((new Said(Language::from($language)))->text(...), $codes));
        }
    }

    /** @return array<string, array{string, string}> a language, and what a wrong PIN is answered with */
    public static function languages(): array
    {
        return ['es' => ['es', 'Ese no es el PIN de Cutter.'], 'fr' => ['fr', 'Ce n’est pas le code de Cutter.']];
    }

    #[DataProvider('languages')]
    public function test_a_person_reads_in_his_own_language_and_types_in_it(string $language, string $wrong): void
    {
        $this->travelTo('2026-11-28 12:00:00');
        $this->kitchen();
        $fish = $this->routed();
        $paths = [
            '/kitchen',
            "/breakdown/fish/{$fish}",
            "/portion/fish/{$fish}",
            "/route/fish/{$fish}",
            "/cost/fish/{$fish}",
            "/log/fish/{$fish}",
            '/cost/plates',
            '/receive/cold-room',
            '/log',
            '/plan/today',
            '/hold/now',
            '/practise',
        ];
        $answers = fn (): array => array_map(
            fn (string $path): array => (array) $this->api('GET', $path)->assertOk()->json(),
            $paths,
        );
        $english = $answers();
        $this->api('PUT', '/me/language', ['language' => $language])
            ->assertOk()
            ->assertJsonPath('me.language', $language);
        $theirs = $answers();
        // The contract held for each; whatever is no text is the same figure, and every code is the same code.
        self::assertSame(self::figures($english), self::figures($theirs));
        self::assertNotSame($english, $theirs);
        self::assertStringContainsString("13,90\u{a0}€", self::texts($theirs));
        self::assertStringNotContainsString('€13.90', self::texts($theirs));
        $this->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '9999'])
            ->assertStatus(422)
            ->assertJsonPath('detail', $wrong);
        $this->weigh($fish = $this->received('1,25 kg'), 'head', '120,5 g')->assertOk();
        self::assertSame(
            [120_500, 1_250_000],
            DB::table('readings')->orderByDesc('seq')->limit(2)->pluck('mass_mg')->all(),
        );
        $this->weigh($fish, 'frame', '1,515 g')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/weight/typed');
        $this->api('PUT', '/me/language', ['language' => 'xx'])->assertStatus(422);
        $this->api('PUT', '/me/language', ['language' => 'en'])->assertOk();
        $this->weigh($fish, 'frame', '0,1 kg')->assertStatus(422);
    }

    public function test_a_tray_and_a_lot_leave_and_enter_as_they_were_typed(): void
    {
        $this->kitchen();
        $fish = $this->received();
        foreach (['half tray', 'Weigh it again.', '1,5'] as $name) {
            $this->api('PUT', '/breakdown/trays/'.rawurlencode($name), ['mass' => '412 g'])->assertOk();
        }
        foreach (self::OTHERS as $language) {
            $this->api('PUT', '/me/language', ['language' => $language])->assertOk();
            $names = array_column((array) $this->api('GET', "/breakdown/fish/{$fish}")->json('trays'), 'name');
            self::assertSame(['1,5', 'Weigh it again.', 'half tray'], $names, $language);
            foreach ($names as $name) {
                $this->api('PUT', "/breakdown/fish/{$fish}/readings/".self::id(), [
                    'part' => 'head',
                    'tray' => $name,
                    'weight' => ['typed' => '1,062 kg'],
                ])->assertOk();
            }
            $request = Request::create('/api/receive', 'PUT', content: '{"lot":"07,21","weight":{"typed":"1,5 kg"}}');
            $request->setUserResolver(fn (): Person => $this->chef->refresh());
            self::assertSame('{"lot":"07,21","weight":{"typed":"1.5 kg"}}', Typed::in($request), $language);
        }
    }

    public function test_who_is_not_signed_in_reads_as_the_tablet_was_read_last_or_as_its_browser_asks(): void
    {
        $this->kitchen();
        $this->api('DELETE', '/session')->assertOk();
        $ask = fn () => $this->postJson('/api/session', ['person' => self::id(), 'pin' => '1234']);
        self::assertSame('Choose your name.', $ask()->json('detail'));
        $this->withHeader('Accept-Language', 'fr-CA,fr;q=0.9');
        self::assertSame('Choisissez votre nom.', $ask()->json('detail'));
        $this->withCredentials()->withUnencryptedCookie(Language::COOKIE, 'es');
        self::assertSame('Elige tu nombre.', $ask()->json('detail'));
        $this->withUnencryptedCookie(Language::COOKIE, '../../etc');
        self::assertSame('Choisissez votre nom.', $ask()->json('detail'));
    }

    public function test_paper_and_files_are_the_houses_in_english(): void
    {
        $this->kitchen();
        $this->received();
        $this->api('PUT', '/me/language', ['language' => 'es'])->assertOk();
        self::assertStringStartsWith(
            'at,who,what,',
            strtolower((string) $this->get('/api/kitchen/audit.csv')->assertOk()->getContent()),
        );
    }

    /**
     * @param  array<mixed>  $answer
     * @return list<mixed> what is no text, in its order
     */
    private static function figures(array $answer): array
    {
        return array_values(array_filter(Arr::dot($answer), fn (mixed $one): bool => ! is_string($one)));
    }

    /** @param  array<mixed>  $answer */
    private static function texts(array $answer): string
    {
        return implode("\n", array_filter(Arr::dot($answer), is_string(...)));
    }
}
