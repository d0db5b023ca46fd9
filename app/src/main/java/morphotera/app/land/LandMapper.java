package morphotera.app.land;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface LandMapper {
    List<Holding> holdings(@Param("viewer") Viewer viewer);

    Optional<Holding> holding(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void addHolding(@Param("viewer") Viewer viewer, @Param("it") Holding holding);

    int updateHolding(@Param("viewer") Viewer viewer, @Param("it") Holding holding);

    List<FieldRow> fields(@Param("viewer") Viewer viewer);

    Optional<FieldRow> field(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void addField(FieldRow field);

    int updateField(FieldRow field);

    List<Zone> zones(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<Zone> zone(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void addZone(@Param("viewer") Viewer viewer, @Param("it") Zone zone);

    int updateZone(@Param("viewer") Viewer viewer, @Param("it") Zone zone);

    List<Spot> spots(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<Spot> spot(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void addSpot(@Param("viewer") Viewer viewer, @Param("it") Spot spot);

    int updateSpot(@Param("viewer") Viewer viewer, @Param("it") Spot spot);

    int readingsAt(@Param("spotId") UUID spotId);
}
