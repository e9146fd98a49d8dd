<?php

declare(strict_types=1);

namespace App\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may use whom; checked by phpstan. */
final class Layers
{
    #[TestRule]
    public function coreUsesOnlyItself(): Rule
    {
        return PHPat::rule()->classes(self::core())
            ->canOnlyDependOn()
            ->classes(self::core(), Selector::isStandardClass(), Selector::inNamespace('Symfony\Component\ExpressionLanguage'))
            ->because('the core must run and be tested with nothing but PHP and one expression library');
    }

    #[TestRule]
    public function onlyFormulasKnowTheExpressionLibrary(): Rule
    {
        return PHPat::rule()->classes(self::core())
            ->excluding(Selector::inNamespace('Berm\Core\Formula'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Symfony'))
            ->because('one folder knows the expression library');
    }

    #[TestRule]
    public function useCasesUseTheCoreAndTheirOwnPorts(): Rule
    {
        return PHPat::rule()->classes(self::app('UseCase'))
            ->canOnlyDependOn()
            ->classes(self::app('UseCase'), self::core(), Selector::inNamespace('Psr'), Selector::isStandardClass())
            ->because('a use case must not know whether HTTP or a command called it, or where data is kept');
    }

    #[TestRule]
    public function httpAndConsoleDoNotKnowTheStorage(): Rule
    {
        return PHPat::rule()->classes(self::app('Http'), self::app('Console'), self::app('Security'))
            ->shouldNotDependOn()
            ->classes(self::app('Persistence'), Selector::inNamespace('Doctrine'))
            ->because('where data is kept is a port of the use cases');
    }

    #[TestRule]
    public function theHandRunsWithoutServer(): Rule
    {
        return PHPat::rule()->classes(self::app('Hand'))
            ->canOnlyDependOn()
            ->classes(
                self::app('Hand'), self::app('UseCase'), self::app('Http\\Wire'), self::core(), Selector::inNamespace('Psr'),
                Selector::isStandardClass(),
            )
            ->because('on a device there is neither framework nor database');
    }

    #[TestRule]
    public function theWireIsMadeOfTheJobAlone(): Rule
    {
        return PHPat::rule()->classes(self::app('Http\\Wire'))
            ->canOnlyDependOn()
            ->classes(self::app('Http\\Wire'), self::app('UseCase'), self::app('Security'), self::core(), Selector::isStandardClass())
            ->because('the same answers are made on a device');
    }

    #[TestRule]
    public function storageDoesNotKnowWhoAsks(): Rule
    {
        return PHPat::rule()->classes(self::app('Persistence'))
            ->shouldNotDependOn()
            ->classes(self::app('Http'), self::app('Console'), Selector::inNamespace('Symfony\Component\HttpFoundation'))
            ->because('storage serves use cases, whoever calls them');
    }

    #[TestRule]
    public function coreIsFinal(): Rule
    {
        return PHPat::rule()->classes(self::core())
            ->excluding(Selector::isInterface(), Selector::isEnum())
            ->shouldBeFinal()
            ->because('values of the core are not extended');
    }

    private static function core(): SelectorInterface
    {
        return Selector::AllOf(Selector::inNamespace('Berm\Core'), Selector::Not(Selector::inNamespace('Berm\Core\Tests')));
    }

    private static function app(string $side): SelectorInterface
    {
        return Selector::inNamespace('App\\'.$side);
    }
}
