<?php

declare(strict_types=1);

namespace App\Tests\Http;

use App\Security\Permission;
use App\Security\Role;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Writer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Bundle\FrameworkBundle\Routing\Router;
use Symfony\Component\Routing\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who may what: one table (App\Security\Role), held here cell by cell, and as docs/who-may-what.md tells it. */
final class RightsTest extends ApiTestCase
{
    private const DOCS = __DIR__.'/../../docs/who-may-what.md';
    /** What nobody has to be signed in for. */
    private const OPEN = ['/api/session', '/api/sign-in', '/api/ping', '/api/ready', '/api/openapi.yaml'];
    private const VALUES = [
        'id' => self::HALF_CUT, 'job' => self::HALF_CUT, 'revision' => '1', 'from' => '1', 'to' => '1', 'end' => 'A', 'kind' => 'cables',
        'format' => 'csv', 'name' => 'trainer', 'number' => '1',
        'printed' => 'card', 'tool' => 'strip',
    ];

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    /** By hand, so that a changed table is a changed test. */
    #[Test]
    public function theTableIsWhatWasAgreed(): void
    {
        $agreed = [
            'jointer' => ['read', 'plan', 'add-cable', 'build', 'take-box', 'write-note', 'give-job'],
            'engineer' => [
                'read', 'plan', 'add-cable', 'write-sheet', 'discard-draft', 'take-box', 'accept-deviation', 'write-note', 'give-job',
                'give-every-job',
            ],
            'storekeeper' => ['read', 'keep-stores', 'take-box', 'write-note'],
            'trainer' => ['read', 'write-note'],
            'administrator' => ['read', 'discard-draft', 'write-note', 'give-job', 'give-every-job', 'manage-people'],
        ];
        foreach (Role::cases() as $role) {
            self::assertSame(
                $agreed[$role->value], array_map(static fn (Permission $one): string => $one->value, $role->permissions()), $role->value,
            );
        }
    }

    #[Test]
    #[DataProvider('roles')]
    public function everyRouteIsOpenToExactlyThoseRolesThatMay(Role $role): void
    {
        $this->signIn($role->value);
        $routes = $this->routes();
        self::assertGreaterThan(45, \count($routes));
        foreach ($routes as [$method, $path, $permission]) {
            $answer = $this->call($method, $path, \in_array($method, ['GET', 'DELETE'], true) ? null : '{}', ['If-Match' => '"1"']);
            $isBarred = 403 === $answer->getStatusCode() && '/problems/not-allowed' === self::at($answer, 'type');
            self::assertSame(!$role->may($permission), $isBarred, "$role->value: $method $path ({$answer->getStatusCode()})");
            if ('DELETE' === $method && str_contains($path, 'sessions')) {
                continue;
            }
            self::assertNotSame(500, $answer->getStatusCode(), "$method $path");
        }
    }

    #[Test]
    public function whoIsNotSignedInGetsNothing(): void
    {
        foreach ($this->routes() as [$method, $path]) {
            $this->call('GET', '/api/session');
            self::assertContains(
                $this->call($method, $path, 'GET' === $method ? null : '{}')->getStatusCode(), [401, 403], "$method $path",
            );
        }
    }

    #[Test]
    #[DataProvider('roles')]
    public function everyKindOfEntryIsWrittenByThoseWhoMay(Role $role): void
    {
        $this->signIn($role->value);
        foreach (self::events() as $kind => $event) {
            $answer = $this->write(self::STAGED, ['kind' => $kind, ...$event]);
            $may = match (EventKind::from($kind)->writer()) {
                Writer::Jointer => $role->may(Permission::Build),
                Writer::Engineer => $role->may(Permission::AcceptDeviation),
                Writer::Crew => $role->may(Permission::WriteNote),
                Writer::Server => null,
            };
            if (EventKind::Withdrawn->value === $kind) {
                continue;
            }
            null === $may
                ? self::assertSame(422, $answer->getStatusCode(), $kind)
                : self::assertSame(
                    !$may, '/problems/not-allowed' === self::at($answer, 'type'), "$role->value writes $kind: ".$answer->getContent(),
                );
        }
        self::assertSame(
            [], array_diff(array_map(static fn (EventKind $one): string => $one->value, EventKind::cases()), array_keys(self::events())),
        );
    }

    #[Test]
    public function whatAnEngineerLetStandAnEngineerTakesBack(): void
    {
        $this->signIn('jointer');
        $cut = $this->write(self::HALF_CUT, self::cut('A', 'insulation-screen', '300'));
        self::assertSame(201, $cut->getStatusCode(), (string) $cut->getContent());
        $this->signIn('engineer');
        $accepted = '019aa1ff-0000-7000-8000-00000000ac01';
        self::assertSame(201, $this->write(self::HALF_CUT, [
            'kind' => 'deviation-accepted', 'end' => 'A', 'cut' => 'insulation-screen', 'reason' => 'Looked at it.',
        ], $accepted)->getStatusCode());
        $withdrawal = ['kind' => 'withdrawn', 'entry' => $accepted, 'reason' => 'No.'];
        $this->signIn('jointer');
        $refused = $this->write(self::HALF_CUT, $withdrawal);
        self::assertSame([403, '/problems/not-theirs'], [$refused->getStatusCode(), self::at($refused, 'type')]);
        $this->signIn('checker');
        self::assertSame(201, $this->write(self::HALF_CUT, $withdrawal)->getStatusCode(), 'any engineer of the crew');
        $this->signIn('engineer');
        $reading = self::text($this->call('GET', '/api/jobs/'.self::HALF_CUT), 'log.0.id');
        self::assertSame(
            403, $this->write(self::HALF_CUT, ['kind' => 'withdrawn', 'entry' => $reading, 'reason' => 'No.'])->getStatusCode(),
        );
    }

    #[Test]
    public function theDocsTellTheTable(): void
    {
        $lines = [
            '# Who may what', '',
            'Written from `src/Security/Role.php` by the tests (`BERM_WRITES_GOLDEN=1`), which hold every cell of it on every route.', '',
            '| to | '.implode(' | ', array_map(static fn (Role $role): string => $role->value, Role::cases())).' |',
            '|---'.str_repeat('|:-:', \count(Role::cases())).'|',
        ];
        foreach (Permission::cases() as $permission) {
            $cells = array_map(static fn (Role $role): string => $role->may($permission) ? 'yes' : '', Role::cases());
            $lines[] = "| {$permission->deed()} | ".implode(' | ', $cells).' |';
        }
        $text = implode("\n", [
            ...$lines, '',
            'A job is given to people: they write to it, others read it. Storekeepers set aside and open boxes for every job.',
            'Whoever wrote in a draft does not release it, and whoever wrote a cable or connector down does not look at it for others.', '',
        ]);
        if ('' !== (string) getenv('BERM_WRITES_GOLDEN')) {
            file_put_contents(self::DOCS, $text);
        }
        self::assertSame((string) file_get_contents(self::DOCS), $text);
    }

    /** @return list<array{string, string, Permission}> method, a path of it, and what it needs; every route of the API that is not open */
    private function routes(): array
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(Router::class, $router);
        $routes = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            if (!str_starts_with($route->getPath(), '/api/') || \in_array($route->getPath(), self::OPEN, true)) {
                continue;
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/', static fn (array $is): string => self::VALUES[$is[1]] ?? '1', $route->getPath(),
            );
            foreach ($route->getMethods() as $method) {
                $routes[] = [$method, $path, self::needed($route, $name)];
            }
        }

        return $routes;
    }

    private static function needed(Route $route, string $name): Permission
    {
        $controller = $route->getDefault('_controller');
        self::assertIsString($controller, $name);
        $needs = (new \ReflectionMethod(...explode('::', $controller, 2)))->getAttributes(IsGranted::class);
        self::assertCount(1, $needs, "$name says who may");
        $attribute = $needs[0]->newInstance()->attribute;
        self::assertIsString($attribute);

        return Permission::from($attribute);
    }

    /** @return array<string, array<string, mixed>> one of each kind, as far as it must be read */
    private static function events(): array
    {
        $reading = ['typed' => '4', 'unit' => 'mm', 'instrument' => 'steel-rule'];

        return [
            'safety-confirmed' => array_diff_key(self::safe(), ['kind' => 1]),
            'cut-measured' => ['end' => 'A', 'cut' => 'oversheath', 'reading' => $reading],
            'cut-back' => ['end' => 'A', 'by' => $reading, 'reason' => 'r'],
            'core-cut-back' => ['end' => 'A', 'core' => 2, 'by' => $reading, 'reason' => 'r'],
            'cut-out' => ['offA' => $reading, 'reason' => 'r'],
            'other-side-takes' => ['end' => 'A', 'cut' => 'oversheath', 'by' => '5 mm', 'reason' => 'r'],
            'mark-moved' => [
                'end' => 'A', 'cut' => 'oversheath', 'by' => '5 mm', 'for' => ['stage' => 'stress', 'check' => 'step'], 'reason' => 'r',
            ],
            'deviation-accepted' => ['end' => 'A', 'cut' => 'oversheath', 'reason' => 'r'],
            'lap-accepted' => ['part' => 'x', 'rule' => 'laps', 'of' => 'insulation', 'end' => 'A', 'reason' => 'r'],
            'part-parked' => ['part' => 'x', 'end' => 'A'],
            'connector-fitted' => ['batch' => 'b'],
            'applied' => ['stage' => 'stress', 'how' => 'set', 'part' => 'stress', 'end' => 'A', 'core' => 2],
            'taken-off' => ['stage' => 'stress', 'how' => 'set', 'part' => 'stress', 'end' => 'A', 'core' => 1, 'reason' => 'r'],
            'check-made' => ['stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 1, 'reading' => $reading],
            'check-accepted' => ['stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 1, 'reason' => 'r'],
            'stage-finished' => ['stage' => 'stress'],
            'hold-released' => ['stage' => 'stress'],
            'left-safe' => ['covered' => 'c'],
            'noted' => ['note' => 'n', 'stage' => 'stress'],
            'leaflet-read' => ['edition' => 'e'],
            'leaflet-compared' => ['reason' => 'r'],
            'called' => ['about' => 'question', 'note' => 'n'],
            'answered' => ['call' => 'x', 'answer' => 'a'],
            'pictured' => ['picture' => str_repeat('a', 64)],
            'found' => ['what' => 'other', 'note' => 'n'],
            'found-accepted' => ['found' => 'x', 'reason' => 'r'],
            'withdrawn-accepted' => ['reason' => 'r'],
            'piece-taken' => ['stock' => 's', 'pieces' => 1, 'batch' => 'b', 'from' => 'another-box'],
            'handed-over' => ['signedBy' => 's'],
            'kit-dated' => ['keepsUntil' => '2027-01-01'],
            'withdrawn' => ['entry' => 'x', 'reason' => 'r'],
            'box-opened' => [
                'box' => self::HALF_CUT, 'gtin' => '09506000134352', 'batch' => 'b', 'serial' => '', 'madeOn' => null, 'expiresOn' => null,
                'missing' => [],
            ],
            'tool-taken' => ['tool' => []],
            'plan-changed' => ['summary' => 's'],
        ];
    }
}
