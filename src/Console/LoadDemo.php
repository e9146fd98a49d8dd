<?php

declare(strict_types=1);

namespace App\Console;

use App\Device\LabelReader;
use App\UseCase\AddBox;
use App\UseCase\Atomically;
use App\UseCase\CableTypes;
use App\UseCase\ChangePlan;
use App\UseCase\CheckedKind;
use App\UseCase\CreateJob;
use App\UseCase\Crews;
use App\UseCase\EntryIds;
use App\UseCase\EntryRefused;
use App\UseCase\OpenBox;
use App\UseCase\PlanDraft;
use App\UseCase\PlanDraftFile;
use App\UseCase\SaveKitDraft;
use App\UseCase\SentAs;
use App\UseCase\SentOpening;
use App\UseCase\SheetChecks;
use App\UseCase\Sheets;
use App\UseCase\TakeTool;
use App\UseCase\Tools;
use App\UseCase\Who;
use App\UseCase\WriteEntry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\LogFile;
use Berm\Core\File\ToolFile;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('berm:demo', 'Loads the standard cables and the invented utility once; does nothing when they are there.')]
final class LoadDemo extends Command
{
    private const BY = 'Demo';
    /** So that one can see what that looks like. */
    private const NOT_CHECKED = 'corvane-lug-4-hole-1-0-250';

    /** @var array<string, string> ids by batch */
    private array $boxes = [];

    public function __construct(
        private readonly string $folder,
        private readonly Sheets $sheets,
        private readonly CableTypes $cables,
        private readonly CreateJob $createJob,
        private readonly ChangePlan $changePlan,
        private readonly WriteEntry $writeEntry,
        private readonly SaveKitDraft $saveDraft,
        private readonly AddBox $addBox,
        private readonly OpenBox $openBox,
        private readonly TakeTool $takeTool,
        private readonly LabelReader $reader,
        private readonly Tools $tools,
        private readonly EntryIds $ids,
        private readonly SheetChecks $checks,
        private readonly Crews $crews,
        private readonly Atomically $atomically,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->sheets->kits()->total > 0) {
            $output->writeln('The demo is loaded already.');

            return self::SUCCESS;
        }
        $this->atomically->run($this->load(...));
        $output->writeln('The demo is loaded.');

        return self::SUCCESS;
    }

    private function load(): void
    {
        $program = Who::program(self::BY);
        [, $engineer, $checker] = self::crew();
        $this->cables->addNew(array_values([...Library::shipped()]), $program);
        foreach ($this->files('kits') as $text) {
            $this->sheets->addKit(Fields::readText($text, KitSheetFile::read(...)), self::BY, $program);
        }
        foreach ($this->files('connectors') as $text) {
            $connector = Fields::readText($text, ConnectorFile::read(...));
            $this->sheets->addConnector($connector, $engineer);
            if (self::NOT_CHECKED !== $connector->revision->id) {
                $this->checks->add(CheckedKind::Connector, $connector->revision, $checker);
            }
        }
        foreach ($this->files('drafts') as $id => $text) {
            ($this->saveDraft)($id, 0, $text, $engineer);
        }
        foreach (range(0, 5) as $pull) {
            $box = ($this->addBox)(
                $this->ids->next(), $this->reader->read($pull), $pull < 4 ? 'Harbour store, bay 3' : 'Van 2', 'Bram Kettley',
            )->box;
            $this->boxes[$box->batch] = $box->id;
        }
        foreach (Fields::readText(
            '{"tools": '.file_get_contents("$this->folder/tools.json").'}',
            static fn (Fields $file): array => $file->list('tools', ToolFile::read(...)),
        ) as $tool) {
            $this->tools->add($tool);
        }
        // The list shows the newest on top: that is the first.
        $jobs = [];
        foreach ($this->files('jobs') as $text) {
            [$id, $load] = Fields::readText($text, $this->readJob(...));
            $jobs[$id] = $load;
        }
        krsort($jobs);
        array_walk($jobs, static fn (\Closure $load) => $load());
    }

    /** @return array{string, \Closure(): void} its id, and what loads it */
    private function readJob(Fields $file): array
    {
        [$id, $name] = [$file->text('id'), $file->text('name')];
        $function = $file->choice('function', AccessoryFunction::class);
        $draft = $file->object('plan', static fn (Fields $plan): PlanDraft => PlanDraftFile::read($plan, $function));
        $events = $file->list('log', LogFile::readEvent(...));
        $box = $file->has('box') ? $file->text('box') : null;
        $tools = $file->texts('tools', 40);

        return [$id, function () use ($id, $name, $function, $draft, $events, $box, $tools): void {
            [$jointer] = $crew = self::crew();
            ($this->createJob)($id, $name, $function, LengthUnit::Millimetre, $jointer);
            array_walk($crew, fn (Who $one) => $this->crews->add($id, $one));
            ($this->changePlan)($id, 1, static fn (): PlanDraft => Fields::got($draft), self::BY);
            if (null !== $box) {
                ($this->openBox)($this->boxes[$box], new SentOpening($id, [], $this->now()), $jointer);
            }
            foreach ($tools as $tool) {
                ($this->takeTool)($tool, $id, $this->now(), $jointer);
            }
            $this->write($id, $name, $events, $jointer);
        }];
    }

    private function now(): SentAs
    {
        return SentAs::now($this->ids->next());
    }

    /** @param list<Event> $events */
    private function write(string $id, string $name, array $events, Who $jointer): void
    {
        foreach ($events as $i => $event) {
            try {
                ($this->writeEntry)($id, $this->now(), $event, $jointer);
            } catch (EntryRefused $refused) {
                throw new \RuntimeException("The demo's $name, log[$i]: {$refused->getMessage()}", 0, $refused);
            }
        }
    }

    /** @return array{Who, Who, Who} of people.json: who builds, who answers for it, and a second engineer */
    private static function crew(): array
    {
        return [
            new Who('jointer', 'Wren Addlery', Writer::cases()), new Who('engineer', 'Tamsin Oake', Writer::cases()),
            new Who('checker', 'Hedda Loram', Writer::cases()),
        ];
    }

    /** @return iterable<string, string> by the file's name */
    private function files(string $folder): iterable
    {
        $paths = glob("$this->folder/$folder/*.json");
        foreach (false === $paths ? [] : $paths as $path) {
            yield basename($path, '.json') => (string) file_get_contents($path);
        }
    }
}
