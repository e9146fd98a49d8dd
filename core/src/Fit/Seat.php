<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;

/** How something meets a layer, which says where on a cable its diameter is read. */
enum Seat: string
{
    /** It lies on the layer. */
    case On = 'on';
    /** It is slid over the layer to be parked. */
    case Passing = 'passing';
    /** It has shrunk round the layer. */
    case Gripping = 'gripping';

    /** Where to read on this cable; null when the cable has no such layer, so that nothing is asked. */
    public function layerOf(CableEnd $cable, LayerKind $layer): ?LayerKind
    {
        if ($cable->construction->design->has($layer)) {
            return $layer;
        }

        // A core without a screen ends with its insulation.
        return self::Passing === $this && LayerKind::InsulationScreen === $layer ? LayerKind::Insulation : null;
    }

    /**
     * A measured layer beneath one that nobody measured: what grips the thinner one grips that too. It proves nothing when it is too thin.
     * Null
     * where there is none, or no need of it.
     */
    public function substituteFor(CableEnd $cable, LayerKind $layer): ?LayerKind
    {
        if (self::Gripping !== $this || null !== $cable->asFound->diameterOver($layer)) {
            return null;
        }
        $measured = null;
        foreach (LayerKind::cases() as $kind) {
            $measured = $kind->depth() < $layer->depth() && null !== $cable->asFound->diameterOver($kind) ? $kind : $measured;
        }

        return $measured;
    }
}
